'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { formatMm } from '@/core/units/formatMm'
import type { ReadingView } from '@/services/tray/readingView'
import { useOneAtATime } from '../forms/useOneAtATime'

export interface VoidDialogProps {
  readonly reading: ReadingView
  readonly onClose: () => void
  /** @returns what is wrong, or null when the reading was taken back */
  readonly onVoid: (reason: string) => Promise<string | null>
}

/** Asks why a reading is taken back; the old value is kept beside the reason. */
export function VoidDialog({ reading, onClose, onVoid }: VoidDialogProps) {
  const [reason, setReason] = useState('')
  const [error, setError] = useState<string | null>(null)
  const [takeBack, busy] = useOneAtATime(async () => setError(await onVoid(reason)))
  const dimension = DIMENSIONS[reading.dimension]
  return (
    <Dialog open onClose={onClose} aria-labelledby="void-title" fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void takeBack()
        }}
      >
        <DialogTitle id="void-title">
          Take back {dimension.label.toLowerCase()} {formatMm(reading.shownMm)},{' '}
          {dimension.places[reading.placeIndex]}?
        </DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            margin="dense"
            label="Reason"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={error !== null}
            helperText={error ?? 'as “jaws tilted” or “wrong dimension”; the old value stays on record'}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Leave it</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            Take back
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
