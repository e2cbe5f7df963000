import { useId } from 'react'
import { line } from 'd3-shape'
import { degreesOfHour } from '@/core/opening/pegPlacement'
import { placeLine } from '@/core/plan-view/placeLine'
import { ovalOutline, planPoint } from '@/core/plan-view/planViewGeometry'
import { manyOf } from '@/core/records/Field'
import type { Magnifier } from '@/core/construction/kinds'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingTarget } from '@/core/readings/readingPlan'
import { partsText } from '@/core/trail/parts'
import type { TrailLine } from '@/core/trail/partsTrail'
import type { TrayView } from '@/services/tray/trayView'
import { formatMm } from '@/core/units/formatMm'
import type { SectionCase } from '@/core/section/sectionGeometry'
import { DateMark } from './DateMark'
import { PlaceMark } from './PlaceMark'
import { PlanParts } from './PlanParts'
import { caseShape, rebateShape, SeatOutline } from './SeatOutline'

export interface PlanViewProps {
  readonly view: TrayView
  readonly section: SectionCase
  readonly target: ReadingTarget | null
  /** magnifier of the crystal tried in the drawing; null when none is */
  readonly planned?: Magnifier | null
  /** CSS pixels */
  readonly mostHeight?: number
  /** with what is set to the dial: insert and chapter ring */
  readonly parts?: boolean
}

/** Beside another drawing, CSS px. */
const BESIDE_HEIGHT = 250

/** Sines differ in the last bit between server and browser: a thousandth of a millimetre is enough here. */
function point(radiusMm: number, directionDeg: number): string {
  const { xMm, yMm } = planPoint(radiusMm, directionDeg)
  return `${xMm.toFixed(3)} ${yMm.toFixed(3)}`
}

/** An oval of hundredths is not seen at this size: it is drawn this many times larger, and the drawing says so. */
export const OVAL_ENLARGED = 25
const MARGIN_MM = 3.4
const USUAL_CROWN_HOUR = 3
const HOURS = Array.from({ length: 12 }, (_, hour) => hour)

/** From above, 12 up: bore, directions read so far, the direction to read next, the stem. */
export function PlanView({
  view,
  section,
  target,
  planned = null,
  mostHeight = BESIDE_HEIGHT,
  parts = false,
}: PlanViewProps) {
  const titleId = useId()
  const { caseDiameterMm, boreMm, dialOpeningMm } = section
  const shaped = rebateShape(view)
  const lugward = shaped ? caseShape(shaped, caseDiameterMm).lengthMm : caseDiameterMm
  const half = Math.max(caseDiameterMm, lugward) / 2 + MARGIN_MM
  const reach = (id: DimensionId) =>
    (shaped && (id === 'rebate-width' || id === 'crystal-width') ? shaped.widthMm : boreMm) / 2
  const nextPlace = target && placeLine(target.dimension, target.placeIndex, reach(target.dimension))
  // What lies on the bench, not in the case, has no place here: the bore stays drawn.
  const shown = target && nextPlace ? target.dimension : 'bore'
  const label = DIMENSIONS[shown].label.toLowerCase()
  const read = view.readings.filter((r) => r.voidReason === null && r.dimension === shown)
  const roundness = view.readout.measured[shown]?.roundness ?? view.readout.measured.bore?.roundness ?? null
  const ovalOf = view.readout.measured[shown]?.roundness ? label : 'bore'
  const ovalMm = roundness?.ovalityMm ?? 0
  const ovalText = roundness
    ? `${ovalOf} oval ${formatMm(ovalMm)}`
    : `${DIMENSIONS[shown].directionsDeg ? label : 'bore'} not read in three directions`
  const path = line<{ xMm: number; yMm: number }>()
    .x((p) => p.xMm)
    .y((p) => p.yMm)
  const crownHours = view.sheet.crownKind === 'none' ? [] : [view.sheet.crownHour ?? USUAL_CROWN_HOUR]
  const pusherHours = manyOf(view.sheet.pusherHours).map(Number)
  const offHere = offByHour(view.job.trail.lines)
  const thin = { fill: 'none', vectorEffect: 'non-scaling-stroke' as const }
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width="100%"
      role="img"
      aria-labelledby={titleId}
      style={{ display: 'block', maxHeight: mostHeight }}
    >
      <title
        id={titleId}
      >{`Plan view, 12 up, ${crownHours.length > 0 ? `crown at ${crownHours.join()}` : 'no crown'}; ${ovalText}; ${read.length} places of ${label} read`}</title>
      <SeatOutline
        shape={shaped && caseShape(shaped, caseDiameterMm)}
        radiusMm={caseDiameterMm / 2}
        ofBore={1}
        colour="var(--mui-palette-text-primary)"
        width={1.2}
      />
      {crownHours.map((hour) => (
        <rect
          key={hour}
          x={-1.6}
          y={-caseDiameterMm / 2 - 2.2}
          width={3.2}
          height={2.2}
          transform={`rotate(${degreesOfHour(hour)})`}
          {...thin}
          stroke="var(--mui-palette-text-primary)"
          strokeWidth={1.2}
        />
      ))}
      {pusherHours.map((hour) => (
        <rect
          key={hour}
          x={-1.1}
          y={-caseDiameterMm / 2 - 1.4}
          width={2.2}
          height={1.4}
          transform={`rotate(${degreesOfHour(hour)})`}
          {...thin}
          stroke="var(--mui-palette-text-primary)"
          strokeWidth={1}
        />
      ))}
      <SeatOutline
        shape={shaped}
        radiusMm={dialOpeningMm / 2}
        ofBore={dialOpeningMm / boreMm}
        colour="var(--mui-palette-section-chapter)"
        width={1.2}
      />
      <SeatOutline
        shape={shaped}
        radiusMm={boreMm / 2}
        ofBore={1}
        colour="var(--mui-palette-primary-main)"
        width={2}
      />
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
        const tick = `M${point(dialOpeningMm / 2 - 0.4, hour * 30)}L${point(dialOpeningMm / 2 - (hour % 3 ? 1.4 : 2.4), hour * 30)}`
        return (
          <path
            key={hour}
            d={tick}
            {...thin}
            stroke="var(--mui-palette-text-primary)"
            strokeWidth={hour % 3 ? 1 : 2}
          />
        )
      })}
      {parts && <PlanParts view={view} section={section} />}
      <DateMark sheet={view.sheet} planned={planned} />
      {read.map((r) => {
        const place = placeLine(shown, r.placeIndex, reach(shown))
        return place && <PlaceMark key={r.id} place={place} kind="read" />
      })}
      {nextPlace && <PlaceMark place={nextPlace} kind="next" />}
      {offHere.map(({ hour, count, words }) => (
        <OffMark key={hour} hour={hour} count={count} words={words} radiusMm={boreMm / 2 + 1.6} />
      ))}
      <g className="figure" fontSize={2.3} fill="var(--mui-palette-text-secondary)" textAnchor="middle">
        <text x={0} y={-lugward / 2 - 1.2}>
          12
        </text>
      </g>
    </svg>
  )
}

interface OffHere {
  readonly hour: number
  readonly count: number
  readonly words: string
}

/** Parts still off, added up by the hour they came from. */
function offByHour(lines: readonly TrailLine[]): OffHere[] {
  const open = lines.filter((line) => line.open > 0)
  const hours = [...new Set(open.flatMap((line) => (line.clockHour === null ? [] : [line.clockHour])))]
  return hours.map((hour) => {
    const here = open.filter((line) => line.clockHour === hour)
    return {
      hour,
      count: here.reduce((sum, line) => sum + line.open, 0),
      words: here.map((line) => partsText(line.part, line.open, line.size)).join(', '),
    }
  })
}

function OffMark({ hour, count, words, radiusMm }: OffHere & { readonly radiusMm: number }) {
  const { xMm, yMm } = planPoint(radiusMm, degreesOfHour(hour))
  return (
    <g>
      <title>{words}</title>
      <circle cx={xMm.toFixed(3)} cy={yMm.toFixed(3)} r={1.7} fill="var(--mui-palette-warning-main)" />
      <text
        x={xMm.toFixed(3)}
        y={(yMm + 0.85).toFixed(3)}
        fontSize={2.4}
        textAnchor="middle"
        className="figure"
        fill="var(--mui-palette-warning-contrastText)"
      >
        {count}
      </text>
    </g>
  )
}
