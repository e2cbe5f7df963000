import { line } from 'd3-shape'
import type { DrawnDie } from '@/core/section/drawnDies'
import type { Point } from '@/core/section/outline'

export interface DrawnDiesProps {
  readonly dies: readonly DrawnDie[]
  readonly side: 1 | -1
  /** screen x of the axis, screen y of the seat, screen units a mm */
  readonly axisX: number
  readonly seatY: number
  readonly scale: number
  /** how far the pusher stands off what it presses, mm */
  readonly liftMm?: number
}

/** Pusher and support in outline, where they bear. */
export function DrawnDies({ dies, side, axisX, seatY, scale, liftMm = 0 }: DrawnDiesProps) {
  const path = line<Point>()
    .x(([r]) => axisX + side * r * scale)
    .y(([, z]) => seatY - z * scale)
    .digits(2)
  return (
    <>
      {dies.map(({ role, code, points }) => (
        <path
          key={role}
          data-die={role}
          d={`${path([...points]) ?? ''}Z`}
          transform={role === 'pusher' && liftMm > 0 ? `translate(0 ${-liftMm * scale})` : undefined}
          fill="var(--mui-palette-primary-main)"
          fillOpacity={0.1}
          stroke="var(--mui-palette-primary-main)"
          strokeDasharray="6 4"
          strokeLinejoin="round"
        >
          <title>{`${role} ${code}`}</title>
        </path>
      ))}
    </>
  )
}
