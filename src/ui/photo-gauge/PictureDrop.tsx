'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useDropzone } from 'react-dropzone'
import type { SamplePhotograph } from '@/services/tray/photoGauge'

export interface PictureDropProps {
  readonly samples: readonly SamplePhotograph[]
  readonly onFile: (file: File) => void
  /** a sample was chosen: what was measured beside it */
  readonly onSample: (sample: SamplePhotograph) => void
  readonly onTrouble: (message: string) => void
}

/** Where the picture comes from: dropped, chosen, taken by the phone, or one of the simulated ones. */
export function PictureDrop({ samples, onFile, onSample, onTrouble }: PictureDropProps) {
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: ([file]) => file && onFile(file),
    multiple: false,
    noClick: true,
    noKeyboard: true,
  })
  const take = async (sample: SamplePhotograph) => {
    const answer = await fetch(sample.src).catch(() => null)
    if (!answer?.ok) return onTrouble('Sample: it could not be fetched. Start Whyalon again.')
    onSample(sample)
    onFile(new File([await answer.blob()], `${sample.id}.jpg`, { type: 'image/jpeg' }))
  }
  return (
    <Box
      {...getRootProps({ role: 'group', 'aria-label': 'Picture of the gauge sheet' })}
      sx={{
        height: '100%',
        border: '1px dashed',
        borderColor: isDragActive ? 'primary.main' : 'divider',
        bgcolor: isDragActive ? 'var(--mui-palette-paper-chosen)' : undefined,
        display: 'flex',
        flexDirection: 'column',
        justifyContent: 'center',
        alignItems: 'center',
        gap: 1.5,
        p: 3,
      }}
    >
      <input {...getInputProps({ accept: 'image/*', 'aria-label': 'Picture file' })} />
      <Typography sx={{ fontSize: 22, fontWeight: 700 }}>Drop the picture here</Typography>
      <Button variant="contained" onClick={open}>
        Choose or take a picture
      </Button>
      <Box component="ol" sx={{ maxWidth: 520, color: 'text.secondary', fontSize: 15, m: 0 }}>
        <li>Print the sheet at 100 % and measure its two bars: that takes the printer’s error off.</li>
        <li>Lay the pieces inside the frame, the square edge up, on something flat.</li>
        <li>Stand back 300 mm or more, zoom in, hold the lens straight above; all four corners in sight.</li>
        <li>Splinters cut: tweezers and finger cots, eyes protected.</li>
      </Box>
      <Box sx={{ fontSize: 15, mt: 1 }}>No camera at hand? Try a simulated photograph:</Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', justifyContent: 'center' }}>
        {samples.map((sample) => (
          <Button key={sample.id} variant="outlined" onClick={() => void take(sample)}>
            {sample.title}
          </Button>
        ))}
      </Box>
    </Box>
  )
}
