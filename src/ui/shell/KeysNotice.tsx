'use client'
import Alert from '@mui/material/Alert'
import Snackbar from '@mui/material/Snackbar'

/** Long enough to be read at arm's length, ms. */
const STAYS_MS = 8000

/** Says what came of keys that led nowhere; goes by itself. */
export function KeysNotice({ text, onGone }: { readonly text: string; readonly onGone: () => void }) {
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
        {text}
      </Alert>
    </Snackbar>
  )
}
