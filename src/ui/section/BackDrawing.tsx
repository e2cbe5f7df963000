import { useId } from 'react'
import { ringPositions } from '@/core/notches/ringPositions'
import { degreesOfHour } from '@/core/opening/pegPlacement'
import { planPoint } from '@/core/plan-view/planViewGeometry'

/** What stands on the back itself. */
export type BackRing =
  | {
      readonly kind: 'notches'
      readonly circleMm: number
      readonly count: number
      readonly pins: readonly number[]
    }
  | {
      readonly kind: 'screws'
      readonly circleMm: number
      readonly count: number
      readonly order: readonly number[]
    }
  | { readonly kind: 'grip'; readonly gripMm: number; readonly sides: number | null }
  | { readonly kind: 'lip'; readonly hour: number | null }
  | { readonly kind: 'plain' }

export interface BackDrawingProps {
  readonly ring: BackRing
  readonly caseDiameterMm: number
  /** crown and pushers, hours as read on the dial */
  readonly keepClearHours: readonly number[]
  /** holder pegs, degrees clockwise from 12 as read on the dial */
  readonly pegsDeg: readonly number[]
}

const MARGIN_MM = 4.5
const NOTCH_MM = 1.6
const PEG_MM = 1.9
const TWELVE_SHARE = 0.5

const mm = (value: number) => value.toFixed(3)
const thin = { fill: 'none', stroke: 'currentColor', vectorEffect: 'non-scaling-stroke' as const }
/** From behind, what stands right on the dial stands left. */
const fromBehind = (dialDeg: number) => -dialDeg

/** The back from outside, 12 up, 3 on the left: what the tool grips, and the holder's pegs clear of the crown. */
export function BackDrawing({ ring, caseDiameterMm, keepClearHours, pegsDeg }: BackDrawingProps) {
  const titleId = useId()
  const radius = caseDiameterMm / 2
  const half = radius + MARGIN_MM
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
        width="100%"
        role="img"
        aria-labelledby={titleId}
      >
        <title id={titleId}>{titleOf(ring)}</title>
        <circle r={radius} {...thin} />
        {keepClearHours.map((hour) => (
          <Stub key={hour} deg={fromBehind(degreesOfHour(hour))} radius={radius} />
        ))}
        {pegsDeg.map((deg) => {
          const { xMm, yMm } = planPoint(radius + PEG_MM, fromBehind(deg))
          return (
            <circle
              key={deg}
              cx={mm(xMm)}
              cy={mm(yMm)}
              r={PEG_MM}
              {...thin}
              stroke="var(--mui-palette-warning-main)"
              strokeWidth={2.4}
            />
          )
        })}
        <Ring ring={ring} caseRadius={radius} />
        {/* Inside of screws and notches, which stand at 12 too. */}
        <text
          y={mm(-radius * TWELVE_SHARE)}
          fontSize={2.4}
          textAnchor="middle"
          fill="var(--mui-palette-text-secondary)"
        >
          12
        </text>
      </svg>
      <figcaption style={{ fontSize: 12.5, color: 'var(--mui-palette-text-secondary)', lineHeight: 1.3 }}>
        Seen from behind: 3 o’clock on the left. Rings outside: holder pegs.
      </figcaption>
    </figure>
  )
}

/** A crown or pusher at the case side. */
function Stub({ deg, radius }: { deg: number; radius: number }) {
  return <rect x={-1.5} y={mm(-radius - 2.4)} width={3} height={2.4} transform={`rotate(${deg})`} {...thin} />
}

function Ring({ ring, caseRadius }: { ring: BackRing; caseRadius: number }) {
  switch (ring.kind) {
    case 'notches':
      return <Notches {...ring} />
    case 'screws':
      return <Screws {...ring} />
    case 'grip':
      return <Grip gripMm={ring.gripMm} sides={ring.sides} />
    case 'lip': {
      const r = caseRadius * 0.86
      return (
        <>
          <circle r={mm(r)} {...thin} />
          {ring.hour !== null && (
            <path
              d={arc(r, degreesOfHour(ring.hour) - 8, degreesOfHour(ring.hour) + 8)}
              {...thin}
              stroke="var(--mui-palette-primary-main)"
              strokeWidth={6}
            />
          )}
        </>
      )
    }
    case 'plain':
      return null
  }
}

function Notches({ circleMm, count, pins }: Extract<BackRing, { kind: 'notches' }>) {
  const places = ringPositions(circleMm, count)
  const at = (i: number) => places[i] ?? { xMm: 0, yMm: 0 }
  const triangle = pins.map((i) => `${mm(at(i).xMm)} ${mm(at(i).yMm)}`).join('L')
  return (
    <>
      <circle r={circleMm / 2} {...thin} strokeDasharray="3 4" opacity={0.5} />
      {triangle && (
        <path d={`M${triangle}Z`} {...thin} stroke="var(--mui-palette-primary-main)" strokeWidth={2} />
      )}
      {places.map(({ xMm, yMm }, i) => (
        <g key={i}>
          <rect
            x={mm(xMm - NOTCH_MM)}
            y={mm(yMm - NOTCH_MM)}
            width={2 * NOTCH_MM}
            height={2 * NOTCH_MM}
            transform={`rotate(${(360 * i) / count} ${mm(xMm)} ${mm(yMm)})`}
            {...thin}
          />
          {pins.includes(i) && (
            <circle cx={mm(xMm)} cy={mm(yMm)} r={NOTCH_MM * 0.75} fill="var(--mui-palette-primary-main)" />
          )}
        </g>
      ))}
    </>
  )
}

function Screws({ circleMm, count, order }: Extract<BackRing, { kind: 'screws' }>) {
  return (
    <>
      {ringPositions(circleMm, count).map(({ xMm, yMm }, i) => (
        <g key={i}>
          <circle cx={mm(xMm)} cy={mm(yMm)} r={NOTCH_MM * 1.25} {...thin} />
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
        </g>
      ))}
    </>
  )
}

/** Knurls of a coin edge are drawn far fewer than they are. */
const KNURLS_DRAWN = 72

function Grip({ gripMm, sides }: { gripMm: number; sides: number | null }) {
  if (sides === null) {
    const knurls = Array.from({ length: KNURLS_DRAWN }, (_, i) => {
      const outer = planPoint(gripMm / 2, (360 * i) / KNURLS_DRAWN)
      const inner = planPoint(gripMm / 2 - 0.9, (360 * i) / KNURLS_DRAWN)
      return `M${mm(outer.xMm)} ${mm(outer.yMm)}L${mm(inner.xMm)} ${mm(inner.yMm)}`
    })
    return (
      <>
        <circle r={gripMm / 2} {...thin} stroke="var(--mui-palette-primary-main)" strokeWidth={2} />
        <path d={knurls.join('')} {...thin} />
      </>
    )
  }
  // Width across flats is the inner circle; the corners stand further out.
  const cornerRadius = gripMm / 2 / Math.cos(Math.PI / sides)
  const corners = Array.from({ length: sides }, (_, i) => {
    const { xMm, yMm } = planPoint(cornerRadius, (360 * (i + 0.5)) / sides)
    return `${mm(xMm)} ${mm(yMm)}`
  })
  return (
    <path d={`M${corners.join('L')}Z`} {...thin} stroke="var(--mui-palette-primary-main)" strokeWidth={2} />
  )
}

function arc(radius: number, fromDeg: number, toDeg: number): string {
  const [from, to] = [planPoint(radius, fromDeg), planPoint(radius, toDeg)]
  return `M${mm(from.xMm)} ${mm(from.yMm)}A${mm(radius)} ${mm(radius)} 0 0 1 ${mm(to.xMm)} ${mm(to.yMm)}`
}

function titleOf(ring: BackRing): string {
  switch (ring.kind) {
    case 'notches':
      return `${ring.count} notches, pins in ${ring.pins.map((i) => i + 1).join(', ')}, counted clockwise from 12`
    case 'screws':
      return `${ring.count} screws, turned in the order ${ring.order.map((i) => i + 1).join(', ')}`
    case 'grip':
      return ring.sides === null
        ? `knurled rim of ${ring.gripMm} mm`
        : `${ring.sides} flats, ${ring.gripMm} mm across`
    case 'lip':
      return ring.hour === null ? 'snap back, lip not found yet' : `snap back, lip at ${ring.hour}`
    case 'plain':
      return 'back'
  }
}
