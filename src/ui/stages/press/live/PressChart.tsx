import { area, line } from 'd3-shape'
import { useId } from 'react'
import type { PressEnvelope } from '@/core/press-run/envelope'
import type { PressReading } from '@/core/press-run/PressReading'
import type { TraceRow } from '@/core/press-run/PressTrace'
import { formatMm } from '@/core/units/formatMm'
import { ChartTicks } from '../ChartTicks'
import { pressScales, USUAL_CONTACT_MM } from './pressScales'

export interface PressChartProps {
  readonly rows: readonly TraceRow[]
  readonly reading: PressReading | null
  /** of good runs of this case; null where there are none */
  readonly envelope: PressEnvelope | null
  /** band the force is expected in, N; null where nothing tells */
  readonly expected: { readonly low: number; readonly high: number } | null
  /** the part looked at closely, mm; null for all of it */
  readonly zoom?: { readonly fromMm: number; readonly toMm: number } | null
}

const SIZE = { width: 600, height: 215 }
const TICKS_X = 6
const TICKS_Y = 4
const colour = (name: string) => `var(--mui-palette-${name})`

/** Force over travel: the run, what good runs of this case looked like behind it, and where contact, slide and home are. */
export function PressChart({ rows, reading, envelope, expected, zoom = null }: PressChartProps) {
  const titleId = useId()
  const clipId = useId()
  const contactMm = reading?.contactMm ?? USUAL_CONTACT_MM
  const { x, y } = pressScales(rows, envelope, { expectedMostN: expected?.high ?? 0, contactMm }, SIZE)
  if (zoom) x.domain([zoom.fromMm, zoom.toMm])
  const [left = 0, right = 0] = x.range()
  const [bottom = 0, top = 0] = y.range()
  const run = line<TraceRow>()
    .x(([, mm]) => x(mm))
    .y(([, , force]) => y(force))
  const band = area<PressEnvelope['points'][number]>()
    .x(({ atMm }) => x(contactMm + atMm))
    .y0(({ leastN }) => y(leastN))
    .y1(({ mostN }) => y(mostN))
  const last = rows.at(-1)
  const marks = [
    ...(reading?.contactMm == null ? [] : [{ mm: reading.contactMm, name: 'contact' }]),
    ...(reading?.phases ?? [])
      .filter(({ phase }) => phase === 'slide')
      .map(({ fromMm }) => ({ mm: fromMm, name: 'slides' })),
    ...(reading?.homeMm == null ? [] : [{ mm: reading.homeMm, name: 'home' }]),
  ]
  const isBad = reading !== null && (reading.verdict === 'cracked' || reading.verdict === 'over-pressed')
  return (
    <svg
      viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
      width="100%"
      role="img"
      aria-labelledby={titleId}
      style={{ display: 'block' }}
    >
      <title id={titleId}>
        {`Force over travel, ${rows.length} readings${marks.map(({ mm, name }) => `; ${name} at ${formatMm(mm)} mm`).join('')}`}
      </title>
      <clipPath id={clipId}>
        <rect x={left} y={top - 8} width={right - left} height={bottom - top + 8} />
      </clipPath>
      <ChartTicks x={x} y={y} across={TICKS_X} up={TICKS_Y} format={(mm) => formatMm(mm)} ruled />
      <text x={4} y={12} fontSize={12} fill={colour('text-secondary')}>
        N
      </text>
      <text x={right} y={bottom - 5} textAnchor="end" fontSize={12} fill={colour('text-secondary')}>
        mm
      </text>
      <g clipPath={`url(#${clipId})`}>
        {envelope && envelope.points.length > 1 && (
          <path d={band([...envelope.points]) ?? ''} fill={colour('primary-main')} opacity={0.13} />
        )}
        {expected && !envelope?.runs && (
          <rect
            x={left}
            width={right - left}
            y={y(expected.high)}
            height={y(expected.low) - y(expected.high)}
            fill={colour('primary-main')}
            opacity={0.1}
          />
        )}
        <path
          d={run([...rows]) ?? ''}
          fill="none"
          stroke={isBad ? colour('error-main') : colour('primary-main')}
          strokeWidth={2.5}
          strokeLinejoin="round"
        />
        {last && (
          <circle
            cx={x(last[1])}
            cy={y(last[2])}
            r={5}
            fill={isBad ? colour('error-main') : colour('primary-main')}
          />
        )}
        {marks.map(({ mm, name }, i) => (
          <g key={name}>
            <path d={`M${x(mm)} ${top}V${bottom}`} stroke={colour('text-secondary')} strokeDasharray="3 3" />
            <text
              x={x(mm) + (isLate(x(mm), right) ? -4 : 4)}
              textAnchor={isLate(x(mm), right) ? 'end' : 'start'}
              y={top + 6 + 13 * i}
              fontSize={12}
              fill={colour('text-primary')}
            >
              {name} {formatMm(mm)}
            </text>
          </g>
        ))}
      </g>
    </svg>
  )
}

/** Room that a mark's words take, px. */
const WORDS_WIDTH = 80

function isLate(x: number, right: number): boolean {
  return x > right - WORDS_WIDTH
}
