import Typography from '@mui/material/Typography'

/** Why something is not done yet: what leads there may be read, and nothing of it is kept. */
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
