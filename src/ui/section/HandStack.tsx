import type { SectionCase } from '@/core/section/sectionGeometry'
import { handStack } from '@/core/section/sectionGeometry'

export interface HandStackProps {
  readonly section: SectionCase
  /** screen x of the axis, screen y of the seat, screen units a mm */
  readonly axisX: number
  readonly seatY: number
  readonly scale: number
}

const POST_MM = 0.7

/** The hands over the dial, from axis to tip on both sides; nothing where the movement has none. */
export function HandStack({ section, axisX, seatY, scale }: HandStackProps) {
  if (!section.has.hands) return null
  const stack = handStack(section)
  const y = (z: number) => seatY - z * scale
  return (
    <g stroke="var(--mui-palette-text-primary)" fill="none">
      {stack.hands.map(({ reachMm, zMm }) => (
        <path
          key={zMm}
          d={`M${axisX - reachMm * scale} ${y(zMm)}H${axisX + reachMm * scale}`}
          strokeWidth="1.6"
        />
      ))}
      <rect
        x={axisX - (POST_MM / 2) * scale}
        y={y(stack.topMm)}
        width={POST_MM * scale}
        height={(stack.topMm - stack.dialMm) * scale}
        strokeWidth="1"
      />
    </g>
  )
}
