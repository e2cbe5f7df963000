import { scaleBand, scaleLinear } from 'd3-scale'
import { useId } from 'react'
import { formatMm, formatPercent } from '@/core/units/formatMm'
import type { SizeVerdict } from '@/core/verdict/sizeVerdict'

const WIDTH = 250
const HEIGHT = 78
const AXIS = 18
/** Sizes shown either side of the pick. */
const AROUND = 2

/** Probability of the sizes around the pick, as bars. */
export function VerdictChart({ verdict }: { verdict: SizeVerdict }) {
  const titleId = useId()
  const at = verdict.candidates.indexOf(verdict.pick)
  const shown = verdict.candidates.slice(Math.max(0, at - AROUND), at + AROUND + 1)
  const x = scaleBand<number>()
    .domain(shown.map((c) => c.sizeMm))
    .range([0, WIDTH])
    .padding(0.35)
  const y = scaleLinear([0, 1], [HEIGHT - AXIS, 4])
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block', marginLeft: 'auto' }}
      role="img"
      aria-labelledby={titleId}
    >
      <title id={titleId}>
        {`Probability by size: ${shown.map((c) => `${formatMm(c.sizeMm, 0.1)} ${formatPercent(c.probability)}`).join(', ')}`}
      </title>
      {shown.map((c) => (
        <g key={c.sizeMm}>
          <rect
            x={x(c.sizeMm)}
            y={Math.min(y(c.probability), HEIGHT - AXIS - 1)}
            width={x.bandwidth()}
            height={Math.max(1, HEIGHT - AXIS - y(c.probability))}
            fill={c === verdict.pick ? 'var(--mui-palette-primary-main)' : 'var(--mui-palette-divider)'}
          />
          <text
            className="figure"
            x={(x(c.sizeMm) ?? 0) + x.bandwidth() / 2}
            y={HEIGHT - 4}
            textAnchor="middle"
            fontSize="12"
            fill="var(--mui-palette-text-primary)"
          >
            {formatMm(c.sizeMm, 0.1)}
          </text>
        </g>
      ))}
    </svg>
  )
}
