'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import { useEffect, useState } from 'react'
import { useDropzone } from 'react-dropzone'
import type { PhotoView } from '@/services/tray/jobView'
import { sendPicture } from '../../small/sendPicture'
import { useTimes } from '../../small/useTimes'
import type { StageWorkProps } from '../StageWorkProps'
import { WorkError } from '../shared/WorkError'

const DAMAGE = 'drop, paste or choose: front, back, both sides, the damage'

interface PhotoShelfProps extends StageWorkProps {
  /** what is to be photographed now; left out where it is the piece as it came in */
  readonly asks?: string
}

/** The tray's pictures: dropped, chosen, photographed or pasted; a tap shows one large. */
export function PhotoShelf({ bench, actions, asks }: PhotoShelfProps) {
  const { clockText } = useTimes()
  const { view } = bench.state
  const [errors, setErrors] = useState<readonly string[]>([])
  const [sending, setSending] = useState(0)
  const [isAgain, setAgain] = useState(false)
  const [large, setLargeOnly] = useState<PhotoView | null>(null)
  const setLarge = (photo: PhotoView | null) => {
    setLargeOnly(photo)
    bench.setAtDialog(photo !== null)
  }
  const inHand = view.tray.finishedAt === null

  const take = async (files: readonly File[]) => {
    setErrors([])
    setSending(files.length)
    const wrong: string[] = []
    for (const file of files) {
      const sent = await sendPicture(view.tray.id, file, () => setAgain(true))
      setAgain(false)
      if (!sent.ok) wrong.push(`${file.name}: ${sent.message}`)
    }
    setSending(0)
    setErrors(wrong)
    const stale = await bench.change(actions.showTray({ number: view.tray.number }))
    if (stale !== null) setErrors((told) => [...told, stale])
  }
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void take(files),
    disabled: !inHand || sending > 0,
    noClick: true,
    noKeyboard: true,
  })
  useEffect(() => {
    if (!inHand) return
    const onPaste = (event: ClipboardEvent) => {
      const files = [...(event.clipboardData?.files ?? [])]
      if (files.length > 0) void take(files)
    }
    document.addEventListener('paste', onPaste)
    return () => document.removeEventListener('paste', onPaste)
  })

  return (
    <Box {...getRootProps({ role: 'group', 'aria-label': 'Pictures' })} sx={{ mt: 1 }}>
      <input {...getInputProps({ accept: 'image/*', 'aria-label': 'Add pictures' })} />
      <Box
        sx={{
          display: 'flex',
          gap: 1,
          flexWrap: 'wrap',
          p: 0.75,
          border: '1px dashed',
          borderColor: isDragActive ? 'primary.main' : 'divider',
          bgcolor: isDragActive ? 'var(--mui-palette-paper-chosen)' : undefined,
          alignItems: 'center',
        }}
      >
        {view.job.photos.map((photo) => (
          <Box
            key={photo.id}
            component="button"
            type="button"
            onClick={() => setLarge(photo)}
            aria-label={`Show picture ${photo.caption || photo.id}`}
            sx={{ p: 0, border: 0, background: 'none', cursor: 'pointer', lineHeight: 0 }}
          >
            <Picture photo={photo} heightPx={72} />
          </Box>
        ))}
        {inHand && (
          <Button onClick={open} disabled={sending > 0} variant="outlined" size="small">
            {sending === 0 && 'Add pictures'}
            {sending > 0 && (isAgain ? 'no answer, sending again…' : `storing ${sending}…`)}
          </Button>
        )}
        <Box component="span" sx={{ fontSize: 13, color: 'text.secondary' }}>
          {asks ?? (view.job.photos.length === 0 ? DAMAGE : 'drop or paste more here')}
        </Box>
      </Box>
      {errors.map((text) => (
        <WorkError key={text} text={text} />
      ))}
      {large && (
        <Dialog open onClose={() => setLarge(null)} maxWidth="lg" aria-label="Picture">
          <DialogContent sx={{ p: 1, lineHeight: 0 }}>
            <Picture photo={large} heightPx={560} />
          </DialogContent>
          <DialogActions>
            <Box sx={{ flexGrow: 1, pl: 1, fontSize: 14 }} suppressHydrationWarning>
              {large.caption} {clockText(large.takenAt)}
            </Box>
            {inHand && (
              <Button
                color="error"
                onClick={() => {
                  setLarge(null)
                  void bench
                    .change(actions.removePhoto({ trayId: view.tray.id, photoId: large.id }))
                    .then((wrong) => setErrors(wrong ? [wrong] : []))
                }}
              >
                Remove for good
              </Button>
            )}
            <Button onClick={() => setLarge(null)}>Close</Button>
          </DialogActions>
        </Dialog>
      )}
    </Box>
  )
}

/** One stored picture at a height, its shape kept. */
export function Picture({ photo, heightPx }: { photo: PhotoView; heightPx: number }) {
  return (
    // Stored small and served from this machine: the framework's own image server would only copy it.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      src={`/api/photos/${photo.id}`}
      alt={photo.caption || 'picture of this piece'}
      height={heightPx}
      width={Math.round((heightPx * photo.widthPx) / photo.heightPx)}
      style={{ maxWidth: '100%', objectFit: 'contain' }}
    />
  )
}
