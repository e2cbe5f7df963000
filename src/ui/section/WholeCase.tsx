import type { SectionMaterial } from '@/core/section/outline'
import { HalfDrawing } from './HalfDrawing'
import { HandStack } from './HandStack'
import type { SectionModel } from './sectionModel'

const MARGIN_MM = 0.6

export interface WholeCaseFrame {
  /** screen units a mm */
  readonly scale: number
  readonly axisX: number
  readonly seatY: number
  readonly top: number
  readonly bottom: number
  /** of the highest outline over the seat, mm */
  readonly topMm: number
}

/** Where a whole case stands on a screen of that width, its top at `top`. */
export function wholeCaseFrame(
  { section, found, planned }: SectionModel,
  width: number,
  top: number,
): WholeCaseFrame {
  const scale = width / (section.caseDiameterMm + 2 * MARGIN_MM)
  const heights = [...found.outlines, ...planned.outlines].flatMap(({ points }) => points.map(([, z]) => z))
  const topMm = Math.max(...heights)
  const seatY = top + topMm * scale
  return { scale, axisX: width / 2, seatY, top, bottom: seatY - Math.min(...heights) * scale, topMm }
}

export interface WholeCaseProps {
  readonly model: SectionModel
  readonly frame: WholeCaseFrame
  readonly patternPrefix: string
  readonly away?: ReadonlySet<SectionMaterial>
  readonly handsAway?: boolean
}

/** A case through its axis with nothing cut out: left half as found, right half as planned. */
export function WholeCase({ model, frame, patternPrefix, away, handsAway = false }: WholeCaseProps) {
  const { section, found, planned } = model
  const half = { ...frame, patternPrefix, ...(away && { away }) }
  return (
    <>
      <HalfDrawing {...half} side={-1} outlines={found.outlines} ring={found.ring} broken={found.broken} />
      <HalfDrawing
        {...half}
        side={1}
        outlines={planned.outlines}
        ring={planned.ring}
        broken={planned.broken}
      />
      {!handsAway && <HandStack section={section} {...frame} />}
      <path
        d={`M${frame.axisX} ${frame.top - 6}V${frame.bottom + 6}`}
        stroke="var(--mui-palette-text-secondary)"
        strokeDasharray="9 3 2 3"
        strokeWidth="0.8"
      />
    </>
  )
}
