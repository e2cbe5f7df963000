'use client'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import Typography from '@mui/material/Typography'
import { GLOBAL_KEYS, TRAY_KEYS } from './places'

export interface KeysDialogProps {
  /** true adds the keys of a tray page */
  readonly onTray: boolean
  readonly onClose: () => void
}

/** Every key and what it does, on the page one is on. */
export function KeysDialog({ onTray, onClose }: KeysDialogProps) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <KeyList title="Everywhere" keys={GLOBAL_KEYS} />
        {onTray && <KeyList title="On a tray" keys={TRAY_KEYS} />}
      </DialogContent>
    </Dialog>
  )
}

function KeyList({ title, keys }: { title: string; keys: readonly (readonly [string, string])[] }) {
  return (
    <>
      <Typography variant="h3" component="h3" sx={{ mt: 1 }}>
        {title}
      </Typography>
      <dl style={{ display: 'grid', gridTemplateColumns: '7rem 1fr', rowGap: 6, margin: '8px 0' }}>
        {keys.map(([key, does]) => (
          <KeyLine key={key} name={key} does={does} />
        ))}
      </dl>
    </>
  )
}

function KeyLine({ name, does }: { name: string; does: string }) {
  return (
    <>
      <dt className="figure">{name}</dt>
      <dd style={{ margin: 0 }}>{does}</dd>
    </>
  )
}
