'use client'
import Typography from '@mui/material/Typography'
import { FormDialog } from '../forms/FormDialog'
import { WhoForm } from './WhoForm'

export interface WhoDialogProps {
  readonly name: string | null
  readonly onClose: () => void
}

/** Somebody else sits down at this bench. */
export function WhoDialog({ name, onClose }: WhoDialogProps) {
  return (
    <FormDialog title="Who works at this bench?" width="narrow" onClose={onClose}>
      <Typography sx={{ mb: 2 }}>
        From now on this stands beside everything that is changed from this browser. What was done before
        keeps its name.
      </Typography>
      <WhoForm name={name} autoFocus onDone={onClose} />
    </FormDialog>
  )
}
