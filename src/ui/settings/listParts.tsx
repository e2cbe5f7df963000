import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import { ROW_HEIGHT } from '../tables/gridLook'

/** Just as tall as its rows and the line of headings. */
export function heightOf(rows: number): string {
  return `${ROW_HEIGHT * (Math.max(rows, 1) + 1) + 6}px`
}

/** Over a list of the shop's tools: what it is, and a new one. */
export function Heading({ title, add, onAdd }: { title: string; add: string; onAdd: () => void }) {
  return (
    <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center', mt: 2 }}>
      <Typography variant="h2" component="h2">
        {title}
      </Typography>
      <Button variant="outlined" onClick={onAdd}>
        {add}
      </Button>
    </Box>
  )
}
