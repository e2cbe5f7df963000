import Box from '@mui/material/Box'
import { InlineStateMark, STATE_WORDS } from '../../small/StateMark'

/** Where a figure on the drawing comes from, by its mark. */
export function Legend({ newBezel }: { newBezel: boolean }) {
  const states = ['measured', 'sheet', newBezel && 'supplier', 'derived', 'assumed', 'conflict'] as const
  return (
    <Box
      sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', fontSize: 12.5, color: 'text.secondary' }}
      aria-hidden="true"
    >
      {states
        .filter((state) => state !== false)
        .map((state) => (
          <span key={state}>
            <InlineStateMark state={state} /> {STATE_WORDS[state]}
          </span>
        ))}
    </Box>
  )
}
