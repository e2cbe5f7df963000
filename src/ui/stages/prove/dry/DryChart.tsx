'use client'
import { scaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useId } from 'react'
import type { DryPlot, PlotPoint } from '@/core/dry-test/dryPlot'
import { flowText } from '@/core/dry-test/dryWords'
import { formatMm } from '@/core/units/formatMm'
import { useElementWidth } from '../../../small/useElementWidth'
import { ChartTicks } from '../../press/ChartTicks'

/** Before it is known how wide it stands, px; then words are as large on a telephone as at the bench. */
const FIRST_WIDTH = 620
const LEAST_WIDTH = 280
const HEIGHT = 250
/** Under it there is room for fewer ticks. */
const NARROW = 420
const MARGIN = { left: 46, right: 14, top: 16 }
/** Foot of the record, and of what is left of it below. */
const [FOOT, OFF_TOP, OFF_FOOT] = [158, 184, 226]
/** Room over and under what was shown, share. */
const ROOM = 0.12
const LEAST_RANGE_UM = 0.2
const colour = (name: string) => `var(--mui-palette-${name})`

/** How the case moved while the pressure stood, what explains it, what the limit would show; below, what is left over. */
export function DryChart({ plot }: { readonly plot: DryPlot }) {
  const titleId = useId()
  const { ref, width: roomPx } = useElementWidth<HTMLDivElement>(FIRST_WIDTH)
  const width = Math.max(LEAST_WIDTH, roomPx)
  const { shown, fit, atLimit, off, judgedForS } = plot
  const limit = `${flowText(plot.limitUgPerMin)} µg/min of air`
  const lastS = shown.at(-1)?.[0] ?? 1
  const x = scaleLinear([0, lastS], [MARGIN.left, width - MARGIN.right])
  const y = scaleLinear(range([...shown, ...fit, ...atLimit]), [FOOT, MARGIN.top])
  const yOff = scaleLinear(range(off), [OFF_FOOT, OFF_TOP])
  const path = (points: readonly PlotPoint[]) =>
    line<PlotPoint>()
      .x(([t]) => x(t))
      .y(([, um]) => y(um))([...points]) ?? ''
  const last = atLimit.at(-1)
  return (
    <div ref={ref}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        role="img"
        aria-labelledby={titleId}
        style={{ display: 'block' }}
      >
        <title id={titleId}>
          {`How far the case stood in over ${Math.round(lastS)} s of pressure: ${shown.length} samples, the fit, a case that leaks ${limit}, and what the fit leaves over`}
        </title>
        <ChartTicks x={x} y={y} across={0} up={4} format={() => ''} ruled />
        <Words x={MARGIN.left} y={10}>
          µm it stands in
        </Words>
        {judgedForS < lastS - 1 && (
          <rect
            x={x(judgedForS)}
            width={x(lastS) - x(judgedForS)}
            y={MARGIN.top}
            height={FOOT - MARGIN.top}
            fill={colour('text-secondary')}
            opacity={0.12}
          />
        )}
        {shown.map(([t, um]) => (
          <circle key={t} cx={x(t)} cy={y(um)} r={1.7} fill={colour('text-secondary')} opacity={0.75} />
        ))}
        <path
          d={path(atLimit)}
          fill="none"
          stroke={colour('warning-main')}
          strokeWidth={2}
          strokeDasharray="7 5"
        />
        <path d={path(fit)} fill="none" stroke={colour('primary-main')} strokeWidth={2.5} />
        {last && (
          <Words x={x(last[0]) - 4} y={limitWordsAt(y, plot)} end tone="warning-main">
            {`a leak of ${limit}`}
          </Words>
        )}
        <Words x={MARGIN.left} y={OFF_TOP - 6}>
          µm left over
        </Words>
        <path d={`M${MARGIN.left} ${yOff(0)}H${width - MARGIN.right}`} stroke={colour('divider')} />
        {off.map(([t, um]) => (
          <circle key={t} cx={x(t)} cy={yOff(um)} r={1.4} fill={colour('primary-main')} opacity={0.6} />
        ))}
        <ChartTicks x={x} y={yOff} across={width < NARROW ? 4 : 6} up={2} format={(t) => formatMm(t, 1)} />
        <Words x={MARGIN.left - 18} y={OFF_FOOT + 16} end>
          s
        </Words>
      </svg>
    </div>
  )
}

interface WordsProps {
  readonly x: number
  readonly y: number
  readonly end?: true
  readonly tone?: string
  readonly children: string
}

function Words({ x, y, end, tone = 'text-secondary', children }: WordsProps) {
  return (
    <text x={x} y={y} fontSize={12} textAnchor={end ? 'end' : 'start'} fill={colour(tone)}>
      {children}
    </text>
  )
}

/** Over its line where that runs above the fit, else under it. */
function limitWordsAt(y: (um: number) => number, { fit, atLimit }: DryPlot): number {
  const [limitY, fitY] = [y(atLimit.at(-1)?.[1] ?? 0), y(fit.at(-1)?.[1] ?? 0)]
  return Math.min(FOOT - 4, Math.max(MARGIN.top + 10, limitY <= fitY ? limitY - 6 : limitY + 15))
}

function range(points: readonly PlotPoint[]): [number, number] {
  const values = points.map(([, um]) => um)
  const [least, most] = [Math.min(0.001, ...values), Math.max(0, ...values)]
  const near = values.length === 0 || least < 0 ? least : Math.min(...values)
  const room = Math.max(LEAST_RANGE_UM, most - near) * ROOM
  return [near - room, most + room]
}
