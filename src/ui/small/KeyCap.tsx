import Box from '@mui/material/Box'

/** The key that does the same, beside a button's words. */
export function KeyCap({ name }: { name: string }) {
  return (
    <Box
      component="kbd"
      className="figure"
      sx={{ ml: 1, opacity: 0.85, fontSize: 13, display: { xs: 'none', sm: 'inline' } }}
    >
      {name}
    </Box>
  )
}
