import Typography from '@mui/material/Typography'

/** What can hurt, in the colour and the word for it. */
export function Caution({ text }: { text: string }) {
  return (
    <Typography sx={{ color: 'error.main', fontSize: 14, lineHeight: 1.35, mt: 0.5 }}>
      <strong>Caution.</strong> {text}
    </Typography>
  )
}
