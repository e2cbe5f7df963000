import Box from '@mui/material/Box'
import { line } from 'd3-shape'
import type { RingReading } from '@/core/ring-picture/readRing'

const WIDTH = 560
const HEIGHT = 46
const GAP = 4
/** So much of the circle is drawn, 12 in its middle, degrees: ticks are told apart. */
const SHOWN_DEG = 40
const SEEN_HEIGHT = 8

interface StripsPaneProps {
  readonly reading: RingReading
}

/** Both tracks unrolled about the dial’s 12, one above the other: what is turned stands beside itself. */
export function StripsPane({ reading: { inner, outer, seen } }: StripsPaneProps) {
  const about = inner.fit.turnedDeg
  const top = pathOf(inner.ticks, about, 0)
  const bottom = pathOf(outer.ticks, about, HEIGHT + GAP)
  const height = 2 * HEIGHT + 2 * GAP + SEEN_HEIGHT
  return (
    <Box component="figure" sx={{ m: 0, mt: 1.5 }}>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        role="img"
        aria-label="Ticks of the dial above, of the ring below, unrolled about 12"
        style={{ width: '100%' }}
      >
        <line
          x1={WIDTH / 2}
          x2={WIDTH / 2}
          y1={0}
          y2={2 * HEIGHT + GAP}
          stroke="var(--mui-palette-divider)"
        />
        <path d={top} fill="none" stroke="var(--mui-palette-primary-main)" strokeWidth={1.5} />
        <path d={bottom} fill="none" stroke="var(--mui-palette-warning-main)" strokeWidth={1.5} />
        {seen.map((isSeen, i) => (
          <rect
            key={i}
            x={(i * WIDTH) / seen.length}
            y={height - SEEN_HEIGHT}
            width={WIDTH / seen.length}
            height={SEEN_HEIGHT}
            fill={isSeen ? 'var(--mui-palette-success-main)' : 'var(--mui-palette-divider)'}
          />
        ))}
      </svg>
      <Box component="figcaption" sx={{ fontSize: 13.5, color: 'text.secondary' }}>
        Dial above, ring below, 12 in the middle; under them the whole circle from 12 on: where both are seen.
      </Box>
    </Box>
  )
}

function pathOf(ticks: Float64Array, aboutDeg: number, topPx: number): string {
  const steps = ticks.length
  const perDeg = steps / 360
  const most = ticks.reduce((largest, value) => Math.max(largest, Math.abs(value)), 1e-9)
  const count = Math.round(SHOWN_DEG * perDeg)
  const points = Array.from({ length: count }, (_, i): [number, number] => {
    const step = Math.round((aboutDeg - SHOWN_DEG / 2) * perDeg) + i
    const value = (ticks[((step % steps) + steps) % steps] ?? 0) / most
    return [(i * WIDTH) / count, topPx + (HEIGHT * (1 - value)) / 2]
  })
  return line()(points) ?? ''
}
