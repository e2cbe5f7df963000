import { useId } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import type { SectionSide } from './cornerLayout'
import { cornerLayout } from './cornerLayout'
import { HalfDrawing } from './HalfDrawing'
import { HandStack } from './HandStack'
import { Leader } from './Leader'
import { ratioText } from './screenScale'
import { SectionLabelMark } from './SectionLabelMark'
import { SectionPatterns } from './SectionPatterns'
import type { SectionModel } from './sectionModel'

export interface CornerDrawingProps {
  readonly model: SectionModel
  readonly side: SectionSide
  /** CSS pixels */
  readonly width: number
  readonly aimedAt: DimensionId | null
  readonly onAim: (dimension: DimensionId) => void
}

/** Where rim, ring, seat, bevel and bezel lip meet, fifteen times as large as life or more: what decides the fit. */
export function CornerDrawing({ model, side, width, aimedAt, onAim }: CornerDrawingProps) {
  const id = useId().replaceAll(':', '')
  const { window, height, body, axisX, seatY, labels } = cornerLayout(model, side, width)
  const { outlines, ring, text } = model[side]
  const soft = 'var(--mui-palette-text-secondary)'
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="group"
      aria-labelledby={`${id}-title`}
      style={{ display: 'block' }}
    >
      <title id={`${id}-title`}>{`Corner ${text}, ${ratioText(window.scale)}`}</title>
      <SectionPatterns prefix={id} />
      <clipPath id={`${id}-body`}>
        <rect {...body} />
      </clipPath>
      <g clipPath={`url(#${id}-body)`}>
        <HalfDrawing
          outlines={outlines}
          ring={ring}
          side={1}
          axisX={axisX}
          seatY={seatY}
          scale={window.scale}
          patternPrefix={id}
          broken={model[side].broken}
        />
        <HandStack section={model.section} axisX={axisX} seatY={seatY} scale={window.scale} />
      </g>
      <text x={4} y={14} fontSize="12.5" fill={soft}>
        {text}
      </text>
      <text x={width - 2} y={14} textAnchor="end" fontSize="12" fill={soft}>
        {ratioText(window.scale)}
      </text>
      {labels.map((placed) => (
        <g key={placed.label.title}>
          <Leader placed={placed} />
          <SectionLabelMark placed={placed} aimed={placed.label.dimension === aimedAt} onAim={onAim} />
        </g>
      ))}
    </svg>
  )
}
