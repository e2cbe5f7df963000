import { useId } from 'react'
import { ringPositions } from '@/core/notches/ringPositions'

export interface BackDrawingProps {
  /** circle through the notch or screw centres, mm */
  readonly circleMm: number
  readonly count: number
  /** notches the pins stand in, from 0 at 12, clockwise */
  readonly pins: readonly number[]
  /** screws in the order to turn them; null draws notches */
  readonly order: readonly number[] | null
}

const MARGIN_MM = 4
const NOTCH_MM = 1.6

/** The back from outside, 12 up: pins on their notches, or screws with their numbers in the order of turning. */
export function BackDrawing({ circleMm, count, pins, order }: BackDrawingProps) {
  const titleId = useId()
  const half = circleMm / 2 + MARGIN_MM
  const places = ringPositions(circleMm, count)
  const at = (i: number) => places[i] ?? { xMm: 0, yMm: 0 }
  const mm = (value: number) => value.toFixed(3)
  const triangle = pins.map((i) => `${mm(at(i).xMm)} ${mm(at(i).yMm)}`).join('L')
  const title = order
    ? `${count} screws, turned in the order ${order.map((i) => i + 1).join(', ')}`
    : `${count} notches, pins in ${pins.map((i) => i + 1).join(', ')}, counted clockwise from 12`
  const thin = { fill: 'none', stroke: 'currentColor', vectorEffect: 'non-scaling-stroke' as const }
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      role="img"
      aria-labelledby={titleId}
    >
      <title id={titleId}>{title}</title>
      <circle r={circleMm / 2 + MARGIN_MM - 0.5} {...thin} />
      <circle r={circleMm / 2} {...thin} strokeDasharray="3 4" opacity={0.5} />
      {triangle && (
        <path d={`M${triangle}Z`} {...thin} stroke="var(--mui-palette-primary-main)" strokeWidth={2} />
      )}
      {places.map(({ xMm, yMm }, i) => (
        <g key={i}>
          {order ? (
            <circle cx={mm(xMm)} cy={mm(yMm)} r={NOTCH_MM * 1.25} {...thin} />
          ) : (
            <rect
              x={mm(xMm - NOTCH_MM)}
              y={mm(yMm - NOTCH_MM)}
              width={2 * NOTCH_MM}
              height={2 * NOTCH_MM}
              transform={`rotate(${(360 * i) / count} ${mm(xMm)} ${mm(yMm)})`}
              {...thin}
            />
          )}
          {pins.includes(i) && (
            <circle cx={mm(xMm)} cy={mm(yMm)} r={NOTCH_MM * 0.75} fill="var(--mui-palette-primary-main)" />
          )}
          {order && (
            <text
              x={mm(xMm)}
              y={mm(yMm + 0.95)}
              fontSize={2.6}
              textAnchor="middle"
              fill="currentColor"
              className="figure"
            >
              {order.indexOf(i) + 1}
            </text>
          )}
        </g>
      ))}
      <text
        y={mm(-circleMm / 2 + 5)}
        fontSize={2.4}
        textAnchor="middle"
        fill="var(--mui-palette-text-secondary)"
      >
        12
      </text>
    </svg>
  )
}
