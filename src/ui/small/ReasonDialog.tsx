'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import type { ReactNode } from 'react'
import { useId, useState } from 'react'
import { useOneAtATime } from '../forms/useOneAtATime'

export interface ReasonDialogProps {
  readonly title: ReactNode
  /** what a reason may look like */
  readonly hint: string
  /** what the button does, in words */
  readonly act: string
  readonly onClose: () => void
  /** what it is about, over the field */
  readonly children?: ReactNode
  /** @returns what is wrong, or null when it was done */
  readonly onReason: (reason: string) => Promise<string | null>
}

/** Asks why something is done; the reason is kept with it. */
export function ReasonDialog({ title, hint, act, children, onClose, onReason }: ReasonDialogProps) {
  const titleId = useId()
  const [reason, setReason] = useState('')
  const [error, setError] = useState<string | null>(null)
  const [send, busy] = useOneAtATime(async () => setError(await onReason(reason)))
  return (
    <Dialog open onClose={onClose} aria-labelledby={titleId} fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void send()
        }}
      >
        <DialogTitle id={titleId}>{title}</DialogTitle>
        <DialogContent>
          {children}
          <TextField
            autoFocus
            fullWidth
            margin="dense"
            label="Reason"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={error !== null}
            helperText={error ?? hint}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Not now</Button>
          <Button type="submit" variant="contained" disabled={busy}>
            {act}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
