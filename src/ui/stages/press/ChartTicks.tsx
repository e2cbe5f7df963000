import type { ScaleLinear } from 'd3-scale'

export interface ChartTicksProps {
  readonly x: ScaleLinear<number, number>
  readonly y: ScaleLinear<number, number>
  /** about so many of each */
  readonly across: number
  readonly up: number
  readonly format: (value: number) => string
  /** a hairline at each figure up */
  readonly ruled?: boolean
}

const BESIDE = 6
const BELOW = 16
const soft = 'var(--mui-palette-text-secondary)'

/** Figures along the foot and the side of a chart. */
export function ChartTicks({ x, y, across, up, format, ruled = false }: ChartTicksProps) {
  const [left = 0, right = 0] = x.range()
  const [bottom = 0] = y.range()
  const figure = { fontSize: 12, className: 'figure', fill: soft }
  return (
    <>
      {y.ticks(up).map((value) => (
        <g key={value}>
          {ruled && <path d={`M${left} ${y(value)}H${right}`} stroke="var(--mui-palette-divider)" />}
          <text x={left - BESIDE} y={y(value) + 4} textAnchor="end" {...figure}>
            {value}
          </text>
        </g>
      ))}
      {x.ticks(across).map((value) => (
        <text key={value} x={x(value)} y={bottom + BELOW} textAnchor="middle" {...figure}>
          {format(value)}
        </text>
      ))}
    </>
  )
}
