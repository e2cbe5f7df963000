import { useId } from 'react'
import { line } from 'd3-shape'
import { ovalOutline, planDiameter, planPoint } from '@/core/plan-view/planViewGeometry'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import type { TrayView } from '@/services/trayView'
import { formatMm } from '@/core/units/formatMm'
import type { SectionCase } from '@/core/section/sectionGeometry'

export interface PlanViewProps {
  readonly view: TrayView
  readonly section: SectionCase
  readonly target: ReadingTarget | null
}

/** An oval of hundredths is not seen at this size: it is drawn this many times larger, and the drawing says so. */
const OVAL_ENLARGED = 25
const MARGIN_MM = 3.4
const HOURS = Array.from({ length: 12 }, (_, hour) => hour)

/** From above, 12 up: bore, directions read so far, the direction to read next, the stem. */
export function PlanView({ view, section, target }: PlanViewProps) {
  const titleId = useId()
  const { caseDiameterMm, boreMm, dialOpeningMm } = section
  const roundness = view.readout.measured.bore?.roundness ?? null
  const half = caseDiameterMm / 2 + MARGIN_MM
  const directional = target && DIMENSIONS[target.dimension].directionsDeg ? target.dimension : 'bore'
  const read = view.readings.filter((r) => r.voidReason === null && r.dimension === directional)
  const nextDeg = target ? DIMENSIONS[target.dimension].directionsDeg?.[target.placeIndex] : undefined
  const ovalMm = roundness?.ovalityMm ?? 0
  const ovalText = roundness ? `bore oval ${formatMm(ovalMm)}` : 'bore not read in three directions'
  const path = line<{ xMm: number; yMm: number }>()
    .x((p) => p.xMm)
    .y((p) => p.yMm)
  const thin = { fill: 'none', vectorEffect: 'non-scaling-stroke' as const }
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      role="img"
      aria-labelledby={titleId}
      style={{ display: 'block', maxHeight: 236 }}
    >
      <title
        id={titleId}
      >{`Plan view, 12 up, stem at 3; ${ovalText}; ${read.length} directions of ${DIMENSIONS[directional].label.toLowerCase()} read`}</title>
      <circle r={caseDiameterMm / 2} {...thin} stroke="var(--mui-palette-text-primary)" strokeWidth={1.2} />
      <rect
        x={caseDiameterMm / 2}
        y={-1.6}
        width={2.2}
        height={3.2}
        {...thin}
        stroke="var(--mui-palette-text-primary)"
        strokeWidth={1.2}
      />
      <circle r={dialOpeningMm / 2} {...thin} stroke="var(--mui-palette-section-chapter)" strokeWidth={1.2} />
      <circle r={boreMm / 2} {...thin} stroke="var(--mui-palette-primary-main)" strokeWidth={2} />
      {roundness && ovalMm >= 0.005 && (
        <path
          d={`${path(ovalOutline({ diameterMm: boreMm, ovalityMm: ovalMm, longAxisDeg: roundness.longAxisDeg }, OVAL_ENLARGED)) ?? ''}Z`}
          {...thin}
          stroke="var(--mui-palette-warning-main)"
          strokeWidth={1.2}
          strokeDasharray="5 3"
        />
      )}
      {HOURS.map((hour) => {
        const [outer, inner] = [
          planPoint(dialOpeningMm / 2 - 0.4, hour * 30),
          planPoint(dialOpeningMm / 2 - (hour % 3 ? 1.4 : 2.4), hour * 30),
        ]
        return (
          <path
            key={hour}
            d={`M${outer.xMm} ${outer.yMm}L${inner.xMm} ${inner.yMm}`}
            {...thin}
            stroke="var(--mui-palette-text-primary)"
            strokeWidth={hour % 3 ? 1 : 2}
          />
        )
      })}
      {read.map((r) => (
        <Direction
          key={r.id}
          deg={DIMENSIONS[directional].directionsDeg?.[r.placeIndex] ?? 0}
          diameterMm={boreMm}
          kind="read"
        />
      ))}
      {nextDeg !== undefined && <Direction deg={nextDeg} diameterMm={boreMm} kind="next" />}
      <g className="figure" fontSize={2.3} fill="var(--mui-palette-text-secondary)" textAnchor="middle">
        <text x={0} y={-caseDiameterMm / 2 - 1.2}>
          12
        </text>
        <text x={0} y={4.4} fill="var(--mui-palette-warning-main)">
          {roundness ? `oval ${formatMm(ovalMm)}` : ''}
        </text>
        {roundness && ovalMm >= 0.005 && <text x={0} y={7.4}>{`drawn × ${OVAL_ENLARGED}`}</text>}
      </g>
    </svg>
  )
}

function Direction({ deg, diameterMm, kind }: { deg: number; diameterMm: number; kind: 'read' | 'next' }) {
  const [from, to] = planDiameter(diameterMm, deg)
  const next = kind === 'next'
  return (
    <g>
      <path
        d={`M${from.xMm} ${from.yMm}L${to.xMm} ${to.yMm}`}
        stroke={next ? 'var(--mui-palette-warning-main)' : 'var(--mui-palette-text-secondary)'}
        strokeWidth={next ? 2.5 : 0.9}
        strokeDasharray={next ? '8 4' : undefined}
        vectorEffect="non-scaling-stroke"
      />
      {[from, to].map((p, i) => (
        <circle
          key={i}
          cx={p.xMm}
          cy={p.yMm}
          r={next ? 0.9 : 0.6}
          fill={next ? 'var(--mui-palette-warning-main)' : 'var(--mui-palette-text-secondary)'}
        />
      ))}
    </g>
  )
}
