import { useId } from 'react'
import { RIM_PLACES } from '@/core/level/rimPlaces'
import { formatMm } from '@/core/units/formatMm'
import type { HeightsView } from '@/services/tray/heightsView'
import { onRing, rimRing } from './rimRing'

export interface RimDrawingProps {
  /** what is seen from above: “Rim”, “Insert” */
  readonly what: string
  readonly rim: HeightsView
  /** index into `RIM_PLACES` of what is read next; null when nothing is */
  readonly nextPlace: number | null
}

const HALF = 118
const RADIUS = 62
const FIGURES = 98
const NEEDLE = 34

/** The rim from above with its heights: what stands high is drawn outward, much enlarged. */
export function RimDrawing({ what, rim, nextPlace }: RimDrawingProps) {
  const titleId = useId()
  const { heights, standing } = rim
  const { spokes, leaning, enlarged } = rimRing(rim, RADIUS)
  const colour = standing?.isLevel ? 'var(--mui-palette-success-main)' : 'var(--mui-palette-warning-main)'
  const next = nextPlace === null ? undefined : RIM_PLACES[nextPlace]
  return (
    <svg
      viewBox={`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`}
      width={2 * HALF}
      role="img"
      aria-labelledby={titleId}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <title id={titleId}>
        {`${what} from above, 12 up: ${heights.map(({ hour, heightMm }) => `${hour} ${formatMm(heightMm)}`).join(', ') || 'nothing read yet'}`}
      </title>
      <circle r={RADIUS} fill="none" stroke="var(--mui-palette-divider)" strokeWidth={1.5} />
      <path d="M0 -78V-70" stroke="var(--mui-palette-text-secondary)" strokeWidth={2} />
      {leaning && (
        <circle cx={leaning.x} cy={leaning.y} r={RADIUS} fill="none" stroke={colour} strokeWidth={2} />
      )}
      {spokes.map(({ hour, from, to }) => (
        <g key={hour} stroke="var(--mui-palette-primary-main)" strokeWidth={2.5}>
          <path d={`M${from.x} ${from.y}L${to.x} ${to.y}`} />
          <circle cx={to.x} cy={to.y} r={3.5} fill="var(--mui-palette-primary-main)" stroke="none" />
        </g>
      ))}
      {standing && standing.markedDeg !== null && (
        <path
          d={`M0 ${-NEEDLE - 18}L9 ${-NEEDLE}H-9Z`}
          transform={`rotate(${standing.markedDeg.toFixed(1)})`}
          fill={colour}
        />
      )}
      {heights.map(({ hour, directionDeg, heightMm }) => {
        const { x, y } = onRing(FIGURES, directionDeg)
        return (
          <g key={hour} textAnchor="middle">
            <text
              x={x}
              y={y}
              className="figure"
              fontSize={15}
              fontWeight={650}
              fill="var(--mui-palette-text-primary)"
            >
              {formatMm(heightMm)}
            </text>
            <text x={x} y={y + 13} fontSize={11} fill="var(--mui-palette-text-secondary)">
              at {hour}
            </text>
          </g>
        )
      })}
      {next && (
        <NextMark
          on={onRing(RADIUS, next.directionDeg)}
          at={onRing(FIGURES, next.directionDeg)}
          hour={next.hour}
        />
      )}
      <text y={4} fontSize={11} textAnchor="middle" fill="var(--mui-palette-text-secondary)">
        heights × {enlarged}
      </text>
    </svg>
  )
}

interface NextMarkProps {
  readonly on: { readonly x: number; readonly y: number }
  readonly at: { readonly x: number; readonly y: number }
  readonly hour: string
}

function NextMark({ on, at, hour }: NextMarkProps) {
  return (
    <g fill="none" stroke="var(--mui-palette-warning-main)" strokeWidth={2.5}>
      <circle cx={on.x} cy={on.y} r={7} />
      <text
        x={at.x}
        y={at.y + 6}
        fontSize={14}
        fontWeight={700}
        textAnchor="middle"
        stroke="none"
        fill="var(--mui-palette-warning-main)"
      >
        {hour}?
      </text>
    </g>
  )
}
