import Typography from '@mui/material/Typography'

/** Why a press is not made yet: its plan may be read, and nothing of it is logged. */
export function NotYet({ words }: { readonly words: string }) {
  return (
    <Typography
      role="status"
      sx={{ mt: 0.5, pl: 1.25, borderLeft: 3, borderColor: 'warning.main', fontSize: 14.5 }}
    >
      <strong>Not yet.</strong> {words}
    </Typography>
  )
}
