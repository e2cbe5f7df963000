import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import Typography from '@mui/material/Typography'
import type { HandGap } from '@/core/hands/handGaps'
import { formatMm } from '@/core/units/formatMm'
import { VerdictLine } from '../../small/VerdictLine'
import type { TrayBenchState } from '../../tray/useTrayBench'

const COLOURS = {
  clear: 'success.main',
  unsure: 'text.primary',
  close: 'warning.main',
  touches: 'error.main',
} as const
const COLOURS_OF_WORDS = { ...COLOURS, clear: 'text.secondary' } as const

/** Room between hands, markers and glass from their heights over the dial, where the hands go on. */
export function HandsPanel({ bench }: { readonly bench: TrayBenchState }) {
  const { view, stage } = bench.state
  const { hands } = view
  if (!hands || hands.stage !== stage) return null
  const inHand = view.tray.finishedAt === null
  const { heights, gaps, isRight, words, basis } = hands
  const isRead = heights.some(({ heightMm }) => heightMm !== null)
  if (!inHand && !isRead) return null
  return (
    <Box component="section" aria-label="Room between the hands" sx={{ my: 2.5 }}>
      <Typography variant="h2" component="h2">
        Room between the hands
      </Typography>
      {words !== '' && <VerdictLine isGood={isRight} words={words} />}
      {!isRead && (
        <Typography sx={{ fontSize: 14.5, color: 'text.secondary' }}>
          An hour of travel shows whether they are free. Their heights over the dial, read before the movement
          goes in, say by how much.
        </Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, my: 1 }}>
        {heights.map(({ of, dimension, label, heightMm }) => (
          <Button
            key={of}
            variant="outlined"
            disabled={!inHand}
            aria-pressed={bench.target?.dimension === dimension}
            onClick={() => bench.aim(dimension)}
            sx={{ minHeight: 44, fontWeight: 400, bgcolor: chosen(bench.target?.dimension === dimension) }}
          >
            {label.replace(' over the dial', '')}
            <Box component="span" className="figure" sx={{ ml: 1, fontWeight: 700 }}>
              {heightMm === null ? 'read' : formatMm(heightMm)}
            </Box>
          </Button>
        ))}
      </Box>
      {gaps.length > 0 && (
        <Box
          component="dl"
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr auto', sm: 'auto auto 1fr' },
            columnGap: 2,
            rowGap: 0.25,
            m: 0,
            fontSize: 15,
            '& dt': { color: 'text.secondary' },
            '& dd': { m: 0 },
          }}
        >
          {gaps.map(({ between, roomMm, doubtMm, state, leastMm }) => (
            <Box key={between} sx={{ display: 'contents' }}>
              <dt>{between}</dt>
              <Box component="dd" className="figure" sx={{ color: COLOURS[state], fontWeight: 700 }}>
                {formatMm(roomMm)} ±{formatMm(doubtMm)}
              </Box>
              <Box
                component="dd"
                sx={{ color: COLOURS_OF_WORDS[state], gridColumn: { xs: '1 / -1', sm: 'auto' } }}
              >
                {stateWords(state, leastMm)}
              </Box>
            </Box>
          ))}
        </Box>
      )}
      {isRead && <Typography sx={{ fontSize: 13.5, color: 'text.secondary', mt: 0.5 }}>{basis}</Typography>}
    </Box>
  )
}

function stateWords(state: HandGap['state'], leastMm: number): string {
  switch (state) {
    case 'clear':
      return 'clear'
    case 'unsure':
      return `not surely ${formatMm(leastMm)}: read again, and watch its hour of travel`
    case 'close':
      return `less than ${formatMm(leastMm)}: bend or set it higher`
    case 'touches':
      return 'touches: bend or set it higher'
  }
}

function chosen(is: boolean) {
  return is ? 'var(--mui-palette-paper-chosen)' : undefined
}
