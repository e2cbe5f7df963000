import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import type { TrailPartId } from '@/core/trail/parts'
import { partsName, partsText } from '@/core/trail/parts'

/** As many of a part as come off as a rule; more are counted one by one on the trail. */
const COUNTS = [1, 2, 3, 4, 5, 6]

interface CountOffProps {
  readonly part: TrailPartId
  readonly onCount: (count: number) => void
}

/** How many of a part came off, in one tap. */
export function CountOff({ part, onCount }: CountOffProps) {
  const name = partsName(part)
  return (
    <Box role="group" aria-label={`How many ${name} came off`} sx={{ display: 'flex', alignItems: 'center' }}>
      <Box component="span" sx={{ color: 'text.secondary', mr: 0.5 }}>
        {name} off:
      </Box>
      {COUNTS.map((count) => (
        <Button
          key={count}
          size="small"
          className="figure"
          aria-label={`${partsText(part, count, '')} off`}
          onClick={() => onCount(count)}
          sx={{ minWidth: 44, minHeight: 44 }}
        >
          {count}
        </Button>
      ))}
    </Box>
  )
}
