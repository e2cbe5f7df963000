import Box from '@mui/material/Box'
import { MOST_SCREWS, screwOrder } from '@/core/notches/screwOrder'

const [SIZE, RING, DOT] = [112, 40, 12]
const FULL_TURN = 2 * Math.PI
/** Fewer have no order to go wrong in. */
const FEWEST_IN_STAR = 3

/** Screws round a circle as they are tightened: numbered in their order, the way from one to the next drawn. */
export function ScrewStar({ count }: { readonly count: number }) {
  if (count < FEWEST_IN_STAR || count > MOST_SCREWS) return null
  const order = screwOrder(count)
  const middle = SIZE / 2
  const at = (place: number) => {
    const angle = (place / count) * FULL_TURN
    return [middle + RING * Math.sin(angle), middle - RING * Math.cos(angle)] as const
  }
  const way = order
    .map((place) =>
      at(place)
        .map((px) => px.toFixed(1))
        .join(','),
    )
    .join(' ')
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexBasis: '100%', pb: 0.75 }}>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        width={SIZE}
        height={SIZE}
        role="img"
        aria-label={`tightened in the order ${order.map((place) => place + 1).join(', ')}, counted clockwise`}
      >
        <circle cx={middle} cy={middle} r={RING} fill="none" stroke="var(--mui-palette-divider)" />
        <polyline points={way} fill="none" stroke="var(--mui-palette-text-secondary)" strokeDasharray="3 3" />
        {order.map((place, i) => {
          const [x, y] = at(place)
          return (
            <g key={place}>
              <circle
                cx={x}
                cy={y}
                r={DOT}
                fill="var(--mui-palette-background-paper)"
                stroke="var(--mui-palette-text-primary)"
              />
              <text
                x={x}
                y={y}
                dy="0.35em"
                textAnchor="middle"
                fontSize="13"
                className="figure"
                fill="var(--mui-palette-text-primary)"
              >
                {i + 1}
              </text>
            </g>
          )
        })}
      </svg>
      <Box sx={{ fontSize: 14.5, color: 'text.secondary', maxWidth: 420 }}>
        All seated first, then snug in this order, each in its own place by length. Thread lock only where it
        was, a trace of it, and none in plastic.
      </Box>
    </Box>
  )
}
