import type { DrawnDie } from '@/core/section/drawnDies'
import { DrawnDies } from './DrawnDies'
import type { WholeCaseFrame } from './WholeCase'

/** Room that a die and its name take over or under a whole case, screen units. */
export const DIE_ROOM = 42
const NAME_OFF = 5
const NAME_SIZE = 12.5

export interface CaseDiesProps {
  readonly dies: readonly DrawnDie[]
  readonly frame: WholeCaseFrame
}

/** Pusher and support at both halves of a whole case, with their names over and under it. */
export function CaseDies({ dies, frame }: CaseDiesProps) {
  const { axisX, seatY, scale } = frame
  return (
    <>
      {([1, -1] as const).map((half) => (
        <DrawnDies key={half} dies={dies} side={half} axisX={axisX} seatY={seatY} scale={scale} />
      ))}
      {dies.map(({ role, code, points }) => {
        const heights = points.map(([, z]) => seatY - z * scale)
        const isAbove = (points[2]?.[1] ?? 0) > (points[0]?.[1] ?? 0)
        return (
          <text
            key={role}
            x={axisX + NAME_OFF}
            y={isAbove ? Math.min(...heights) - NAME_OFF : Math.max(...heights) + NAME_SIZE + 1}
            fontSize={NAME_SIZE}
            fontWeight={700}
            fill="var(--mui-palette-primary-main)"
          >
            {`${role} ${code}`}
          </text>
        )
      })}
    </>
  )
}
