'use client'
import Button from '@mui/material/Button'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import type { ReactNode } from 'react'
import { useId } from 'react'

const FOOT = '20px'

const WIDTHS = { narrow: 'xs', usual: 'md', wide: 'lg' } as const

export interface FormDialogProps {
  readonly title: string
  /** narrow for a field or two, wide where something stands beside the fields */
  readonly width?: keyof typeof WIDTHS
  readonly onClose: () => void
  readonly children: ReactNode
}

/** Frame of a dialog that holds a form: its title, and the way out that stores nothing. */
export function FormDialog({ title, width = 'usual', onClose, children }: FormDialogProps) {
  const titleId = useId()
  return (
    <Dialog open onClose={onClose} aria-labelledby={titleId} fullWidth maxWidth={WIDTHS[width]}>
      <DialogTitle
        id={titleId}
        sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}
      >
        {title}
        <Button onClick={onClose}>Leave it</Button>
      </DialogTitle>
      <DialogContent
        sx={{ pb: FOOT, '--form-foot': FOOT, '--form-ground': 'var(--mui-palette-background-paper)' }}
      >
        {children}
      </DialogContent>
    </Dialog>
  )
}
