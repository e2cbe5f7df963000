import { useId } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import type { DrawnDie } from '@/core/section/drawnDies'
import { DrawnDies } from './DrawnDies'
import type { SectionSide } from './cornerLayout'
import { SectionLabelMark } from './SectionLabelMark'
import { crossWidth } from './sectionLayout'
import { SectionPatterns } from './SectionPatterns'
import type { SectionModel } from './sectionModel'
import { WholeCase, wholeCaseFrame } from './WholeCase'

export interface CaseKeyProps {
  readonly model: SectionModel
  /** the half the corner is taken from */
  readonly side: SectionSide
  /** CSS pixels */
  readonly width: number
  /** of the press that is planned, where they bear */
  readonly dies: readonly DrawnDie[]
  readonly aimedAt: DimensionId | null
  readonly onAim: (dimension: DimensionId) => void
}

/** Of the dimension over and under the case, CSS px. */
const CROSS_HEIGHT = 46
const CORNER_MM = 2.6

/** The whole case, small: which corner is drawn large, and what is measured right across. */
export function CaseKey({ model, side, width, dies, aimedAt, onAim }: CaseKeyProps) {
  const id = useId().replaceAll(':', '')
  const { section, found, planned } = model
  const frame = wholeCaseFrame(model, width, CROSS_HEIGHT + 16)
  const { scale, seatY, topMm, bottom } = frame
  const cornerX = width / 2 + (side === 'planned' ? 1 : -1) * (section.boreMm / 2) * scale
  const soft = 'var(--mui-palette-text-secondary)'
  const across = model.labels
    .filter(({ place }) => place === 'top' || place === 'bottom')
    .map((label) => ({
      label,
      x: width / 2,
      y: label.place === 'top' ? CROSS_HEIGHT / 2 - 1 : bottom + CROSS_HEIGHT / 2 + 2,
      width: crossWidth(width),
      crosswise: true,
      target: null,
    }))
  return (
    <svg
      viewBox={`0 0 ${width} ${bottom + CROSS_HEIGHT + 2}`}
      width="100%"
      role="group"
      aria-labelledby={`${id}-title`}
      style={{ display: 'block' }}
    >
      <title id={`${id}-title`}>{`Section, ${found.text}; ${planned.text}`}</title>
      <SectionPatterns prefix={id} />
      <WholeCase model={model} frame={frame} patternPrefix={id} />
      {([1, -1] as const).map((half) => (
        <DrawnDies key={half} dies={dies} side={half} axisX={frame.axisX} seatY={seatY} scale={scale} />
      ))}
      <rect
        x={cornerX - CORNER_MM * scale}
        y={seatY - (topMm + 0.4) * scale}
        width={2 * CORNER_MM * scale}
        height={(topMm + 1.7) * scale}
        rx={2}
        fill="none"
        stroke="var(--mui-palette-primary-main)"
        strokeWidth={1.5}
      />
      <g fill={soft} fontSize="12">
        <text x={2} y={CROSS_HEIGHT - (dies.length > 0 ? 6 : -3)}>
          as found
        </text>
        <text x={width - 2} y={CROSS_HEIGHT - (dies.length > 0 ? 6 : -3)} textAnchor="end">
          as planned
        </text>
      </g>
      {across.map((placed) => (
        <SectionLabelMark
          key={placed.label.place}
          placed={placed}
          aimed={placed.label.dimension === aimedAt}
          onAim={onAim}
        />
      ))}
    </svg>
  )
}
