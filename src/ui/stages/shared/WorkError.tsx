import Typography from '@mui/material/Typography'

/** What was refused and what to do, where it was asked for. */
export function WorkError({ text }: { text: string | null }) {
  return (
    <Typography
      role="alert"
      sx={{ color: 'error.main', fontSize: 14.5, fontWeight: 650, mt: text ? 0.75 : 0 }}
    >
      {text}
    </Typography>
  )
}
