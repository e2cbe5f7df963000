'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { useDropzone } from 'react-dropzone'

/** A simulated photograph that is shipped. */
export interface SamplePicture {
  readonly id: string
  readonly title: string
  /** address of the picture */
  readonly src: string
}

export interface PictureDropProps<S extends SamplePicture> {
  /** what the picture is of */
  readonly label: string
  /** how it is taken, in order */
  readonly advice: readonly string[]
  readonly samples: readonly S[]
  readonly onFile: (file: File) => void
  /** a sample was chosen: what was measured beside it */
  readonly onSample?: (sample: S) => void
  readonly onTrouble: (message: string) => void
}

/** Where the picture comes from: dropped, chosen, taken by the phone, or one of the simulated ones. */
export function PictureDrop<S extends SamplePicture>({
  label,
  advice,
  samples,
  onFile,
  onSample,
  onTrouble,
}: PictureDropProps<S>) {
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: ([file]) => file && onFile(file),
    multiple: false,
    noClick: true,
    noKeyboard: true,
  })
  const take = async (sample: S) => {
    const answer = await fetch(sample.src).catch(() => null)
    if (!answer?.ok) return onTrouble('Sample: it could not be fetched. Start Whyalon again.')
    onSample?.(sample)
    onFile(new File([await answer.blob()], `${sample.id}.jpg`, { type: 'image/jpeg' }))
  }
  return (
    <Box
      {...getRootProps({ role: 'group', 'aria-label': label })}
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
        {advice.map((words) => (
          <li key={words}>{words}</li>
        ))}
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
