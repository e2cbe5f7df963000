'use client'
import Alert from '@mui/material/Alert'
import Snackbar from '@mui/material/Snackbar'

/** Long enough to be read at arm's length, ms. */
const STAYS_MS = 8000
const MOST_SHOWN = 40

/** Says that a scanned label leads nowhere; goes by itself. */
export function UnknownLabel({ line, onGone }: { readonly line: string; readonly onGone: () => void }) {
  const shown = line.length > MOST_SHOWN ? `${line.slice(0, MOST_SHOWN)}…` : line
  return (
    <Snackbar
      open
      autoHideDuration={STAYS_MS}
      onClose={(_, reason) => {
        if (reason !== 'clickaway') onGone()
      }}
      anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
    >
      <Alert severity="warning" variant="filled" onClose={onGone}>
        The label “{shown}” stands for no tray, drawer or part. Scan one printed under Labels in the drawers.
      </Alert>
    </Snackbar>
  )
}
