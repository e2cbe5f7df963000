import { useId } from 'react'
import type { Displacement } from '@/core/straight/Displacement'
import { planPoint } from '@/core/plan-view/planViewGeometry'

export interface AskewDrawingProps {
  readonly label: string
  /** null while nothing is read */
  readonly stands: Displacement | null
  /** as a remedy would leave it; null draws none */
  readonly after: Displacement | null
  /** where dots of cement go, degrees from 12 */
  readonly dotsDeg: readonly number[]
  /** places are typed round it: nothing is written there */
  readonly isTyped: boolean
  readonly radiusMm: number
  /** times a displacement is drawn larger than it is */
  readonly enlarged: number
}

const HALF = 120
/** Where the ticks of the two meet. */
const RADIUS = 78
const MINUTES = Array.from({ length: 60 }, (_, minute) => minute)
const DEGREES_A_MINUTE = 6
/** In the middle of the ring as it would be. */
const DOTS_OUT = 9

/** Both rings from above, 12 up: what it is to stand straight to inside, and what is turned or shifted, enlarged, outside. */
export function AskewDrawing({
  label,
  stands,
  after,
  dotsDeg,
  isTyped,
  radiusMm,
  enlarged,
}: AskewDrawingProps) {
  const titleId = useId()
  const moved = (displacement: Displacement) => {
    const scale = (RADIUS / radiusMm) * enlarged
    const x = (displacement.towards3Mm * scale).toFixed(2)
    const y = (-displacement.towards12Mm * scale).toFixed(2)
    return `translate(${x} ${y}) rotate(${(displacement.turnedDeg * enlarged).toFixed(2)})`
  }
  return (
    <svg
      viewBox={`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`}
      width="100%"
      role="img"
      aria-labelledby={titleId}
      style={{ display: 'block' }}
    >
      <title id={titleId}>{label}</title>
      <Ticks inward radius={RADIUS - 3} colour="var(--mui-palette-text-primary)" />
      <circle
        r={RADIUS - 3}
        fill="none"
        stroke="var(--mui-palette-text-primary)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      {stands && (
        <g transform={moved(stands)} data-ring="stands">
          <Ring colour="var(--mui-palette-primary-main)" />
          <path d={`M0 ${-RADIUS - 15}l5 -9h-10z`} fill="var(--mui-palette-warning-main)" />
        </g>
      )}
      {after && (
        <g transform={moved(after)} data-ring="after" strokeDasharray="4 3">
          <Ring colour="var(--mui-palette-success-main)" wide={5} />
        </g>
      )}
      {dotsDeg.map((directionDeg) => {
        const { xMm, yMm } = planPoint(RADIUS + DOTS_OUT, directionDeg)
        return (
          <circle
            key={directionDeg}
            data-dot
            cx={xMm.toFixed(2)}
            cy={yMm.toFixed(2)}
            r={2.6}
            fill="var(--mui-palette-warning-main)"
          />
        )
      })}
      {!isTyped && (
        <text
          y={-HALF + 9}
          textAnchor="middle"
          fontSize={9}
          fontWeight={700}
          fill="var(--mui-palette-text-primary)"
        >
          12
        </text>
      )}
    </svg>
  )
}

function Ring({ colour, wide = 0 }: { readonly colour: string; readonly wide?: number }) {
  return (
    <>
      {[RADIUS, RADIUS + 13 + wide].map((radius) => (
        <circle
          key={radius}
          r={radius}
          fill="none"
          stroke={colour}
          strokeWidth={1.3}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <Ticks radius={RADIUS} colour={colour} />
    </>
  )
}

interface TicksProps {
  readonly radius: number
  readonly colour: string
  readonly inward?: boolean
}

function Ticks({ radius, colour, inward = false }: TicksProps) {
  const way = inward ? -1 : 1
  const at = (distance: number, minute: number) => {
    const { xMm, yMm } = planPoint(distance, minute * DEGREES_A_MINUTE)
    return `${xMm.toFixed(2)} ${yMm.toFixed(2)}`
  }
  const marks = (of: (minute: number) => boolean, length: number) =>
    MINUTES.filter(of)
      .map((minute) => `M${at(radius, minute)}L${at(radius + way * length, minute)}`)
      .join('')
  return (
    <>
      <path
        d={marks((minute) => minute % 5 !== 0, 3.5)}
        stroke={colour}
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={marks((minute) => minute % 5 === 0, 8)}
        stroke={colour}
        strokeWidth={2.2}
        vectorEffect="non-scaling-stroke"
      />
    </>
  )
}
