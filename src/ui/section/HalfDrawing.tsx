import { line } from 'd3-shape'
import type { Outline, Point, SectionMaterial } from '@/core/section/outline'
import type { SqueezeState } from '@/core/section/gasketTint'
import { outlineStyle } from './outlineStyle'

export interface HalfDrawingProps {
  readonly outlines: readonly Outline[]
  readonly ring: SqueezeState
  /** −1 draws the half mirrored to the left */
  readonly side: 1 | -1
  /** screen x of the axis, screen y of the seat, screen units a mm */
  readonly axisX: number
  readonly seatY: number
  readonly scale: number
  readonly patternPrefix: string
  /** a broken crystal is drawn dashed */
  readonly broken: boolean
  /** what is off the case: drawn as an empty outline */
  readonly away?: ReadonlySet<SectionMaterial>
}

/** One half of the section, from outlines in millimetres. */
export function HalfDrawing(props: HalfDrawingProps) {
  const { outlines, ring, side, axisX, seatY, scale, patternPrefix, broken, away } = props
  const path = line<Point>()
    .x(([r]) => axisX + side * r * scale)
    .y(([, z]) => seatY - z * scale)
    .digits(2)
  return (
    <>
      {outlines.map(({ material, points }, index) => {
        const style = outlineStyle(material, ring)
        const d = `${path([...points]) ?? ''}Z`
        const dashed = broken && material === 'crystal'
        if (away?.has(material)) {
          return (
            <path
              key={`${material}-${index}`}
              data-away={material}
              d={d}
              fill="none"
              stroke="var(--mui-palette-text-secondary)"
              strokeDasharray="2 3"
              strokeLinejoin="round"
            />
          )
        }
        return (
          <g
            key={`${material}-${index}`}
            data-material={material}
            data-ring={material === 'gasket' ? ring : undefined}
          >
            <path d={d} fill={style.fill} fillOpacity={dashed ? 0.45 : 1} />
            {style.hatch && <path d={d} fill={`url(#${patternPrefix}-${style.hatch})`} />}
            <path
              d={d}
              fill="none"
              stroke={style.stroke}
              strokeWidth={style.strokeWidth}
              strokeDasharray={dashed ? '5 3' : undefined}
              strokeLinejoin="round"
            />
          </g>
        )
      })}
    </>
  )
}
