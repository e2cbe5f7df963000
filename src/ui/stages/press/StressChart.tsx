import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { line } from 'd3-shape'
import { useId } from 'react'
import type { PusherStress } from '@/core/press/plan/pusherStress'
import { formatMm } from '@/core/units/formatMm'
import { ChartTicks } from './ChartTicks'
import { STRESS_SIZE, stressScales } from './stressScales'

const colour = (name: string) => `var(--mui-palette-${name})`
const TICKS = 4
/** A line of words below the top of the chart, px. */
const UNDER_TOP = 13
/** Half of a die's mark, px. */
const MARK = 4

/** Stress in the crystal over the pusher's diameter: near its edge, and clear of what lies there. */
export function StressChart({ stress }: { readonly stress: PusherStress }) {
  const titleId = useId()
  const clipId = useId()
  const { x, y } = stressScales(stress)
  const [left = 0, right = 0] = x.range()
  const [bottom = 0, top = 0] = y.range()
  const { curve, dies, strength, safeMPa, forbiddenFromMm, forceN, isExpected } = stress
  const path = line<(typeof curve)[number]>()
    .x(({ diameterMm }) => x(diameterMm))
    .y(({ stressMPa }) => y(stressMPa))
  const chosen = dies.find(({ isChosen }) => isChosen)
  const shown = dies.filter(({ diameterMm }) => x(diameterMm) >= left)
  const forbidden = forbiddenFromMm === null ? null : Math.max(left, x(forbiddenFromMm))
  return (
    <Box component="figure" sx={{ m: 0 }}>
      <svg
        viewBox={`0 0 ${STRESS_SIZE.width} ${STRESS_SIZE.height}`}
        width="100%"
        role="img"
        aria-labelledby={titleId}
        style={{ display: 'block' }}
      >
        <title id={titleId}>
          {`Stress in the crystal over the pusher’s diameter${chosen ? `; ${chosen.code}: ${Math.round(chosen.stressMPa)} MPa` : ''}; weak end of its strength ${strength.lowMPa} MPa`}
        </title>
        <clipPath id={clipId}>
          <rect x={left} y={top} width={right - left} height={bottom - top} />
        </clipPath>
        <g clipPath={`url(#${clipId})`}>
          <rect
            x={left}
            width={right - left}
            y={y(strength.highMPa)}
            height={y(strength.lowMPa) - y(strength.highMPa)}
            fill={colour('error-main')}
            opacity={0.14}
          />
          <path d={`M${left} ${y(safeMPa)}H${right}`} stroke={colour('success-main')} strokeDasharray="5 4" />
          {forbidden !== null && forbidden < right && (
            <>
              <rect
                x={forbidden}
                width={right - forbidden}
                y={top}
                height={bottom - top}
                fill={colour('text-secondary')}
                opacity={0.14}
              />
              <path d={`M${forbidden} ${top}V${bottom}`} stroke={colour('text-secondary')} />
            </>
          )}
          <path d={path([...curve]) ?? ''} fill="none" stroke={colour('primary-main')} strokeWidth={2} />
        </g>
        {shown.map(({ dieId, code, diameterMm, stressMPa, isChosen, isClear }) => (
          <DieMark
            key={dieId}
            title={`${code}: ${Math.round(stressMPa)} MPa${isClear ? '' : ', touches'}`}
            cx={x(diameterMm)}
            cy={Math.max(top, y(stressMPa))}
            isChosen={isChosen}
            isClear={isClear}
          />
        ))}
        {chosen && <ChosenName die={chosen} {...{ x, y }} />}
        <text
          x={right - 4}
          y={Math.max(top + 2 * UNDER_TOP, y(strength.lowMPa) - 4)}
          textAnchor="end"
          fontSize={12}
          fill={colour('error-main')}
        >
          breaks from {strength.lowMPa}
          {y(strength.lowMPa) < top && ', above'}
        </text>
        <text
          x={left + 4}
          y={Math.max(top + UNDER_TOP, y(safeMPa) - 4)}
          fontSize={12}
          fill={colour('success-main')}
        >
          safe below {Math.round(safeMPa)}
          {y(safeMPa) < top && ', above'}
        </text>
        {forbidden !== null && forbidden < right && (
          <text x={right} y={top - 4} textAnchor="end" fontSize={12} fill={colour('text-secondary')}>
            too near from {formatMm(forbiddenFromMm ?? 0, 0.1)}
          </text>
        )}
        <path d={`M${left} ${top}V${bottom}H${right}`} fill="none" stroke={colour('divider')} />
        <ChartTicks x={x} y={y} across={TICKS} up={TICKS} format={(mm) => formatMm(mm, 0.1)} />
      </svg>
      <Typography component="figcaption" variant="body2" sx={{ color: 'text.secondary', fontSize: 13 }}>
        MPa in the {formatMm(stress.thicknessMm)} {stress.material.replaceAll('-', ' ')} over the pusher’s
        diameter, for {Math.round(forceN)} N
        {isExpected ? ', the most to expect' : ': how much will be needed is not known'}. A guide from plate
        theory, never a rating.
      </Typography>
    </Box>
  )
}

interface ChosenNameProps extends ReturnType<typeof stressScales> {
  readonly die: PusherStress['dies'][number]
}

/** Where the curve leaves room: after its mark, under it, or where that is the foot, over the end of the curve. */
function ChosenName({ die: { code, diameterMm, stressMPa }, x, y }: ChosenNameProps) {
  const [left = 0, right = 0] = x.range()
  const [bottom = 0, top = 0] = y.range()
  const [atX, atY] = [x(diameterMm), y(stressMPa)]
  const isLate = atX > (left + right) / 2
  const isUnder = atY + 20 < bottom
  const place = isLate
    ? { x: isUnder ? atX - 9 : right, y: isUnder ? atY + 16 : atY - 14, textAnchor: 'end' as const }
    : { x: atX + 9, y: atY - 6, textAnchor: 'start' as const }
  return (
    <text
      {...place}
      y={Math.max(top + UNDER_TOP, place.y)}
      fontSize={13}
      fontWeight={700}
      fill={colour('text-primary')}
      stroke={colour('background-default')}
      strokeWidth={3}
      paintOrder="stroke"
    >
      {code}: {Math.round(stressMPa)} MPa
    </text>
  )
}

interface DieMarkProps {
  readonly title: string
  readonly cx: number
  readonly cy: number
  readonly isChosen: boolean
  readonly isClear: boolean
}

/** The chosen die is full, one that would touch is crossed out. */
function DieMark({ title, cx, cy, isChosen, isClear }: DieMarkProps) {
  if (!isClear)
    return (
      <path
        d={`M${cx - MARK} ${cy - MARK}l${2 * MARK} ${2 * MARK}m0 ${-2 * MARK}l${-2 * MARK} ${2 * MARK}`}
        stroke={colour('text-secondary')}
        strokeWidth={1.5}
      >
        <title>{title}</title>
      </path>
    )
  return (
    <circle
      cx={cx}
      cy={cy}
      r={isChosen ? MARK + 2 : MARK}
      fill={isChosen ? colour('primary-main') : colour('background-default')}
      stroke={colour('primary-main')}
      strokeWidth={1.5}
    >
      <title>{title}</title>
    </circle>
  )
}
