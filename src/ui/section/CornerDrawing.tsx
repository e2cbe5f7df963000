import { useId } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import type { DrawnDie } from '@/core/section/drawnDies'
import type { PressGap } from '../stages/press/live/pressGap'
import { DrawnDies } from './DrawnDies'
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
  /** of the press that is planned, where they bear */
  readonly dies: readonly DrawnDie[]
  /** while a run goes on; null else */
  readonly gap: PressGap | null
  readonly aimedAt: DimensionId | null
  readonly onAim: (dimension: DimensionId) => void
}

/** Where rim, ring, seat, bevel and bezel lip meet, fifteen times as large as life or more: what decides the fit. */
export function CornerDrawing({ model, side, width, dies, gap, aimedAt, onAim }: CornerDrawingProps) {
  const id = useId().replaceAll(':', '')
  const { window, height, body, axisX, seatY, labels } = cornerLayout(model, side, width, dies.length > 0)
  const { outlines, ring, text } = model[side]
  const half = {
    ring,
    side: 1,
    axisX,
    seatY,
    scale: window.scale,
    patternPrefix: id,
    broken: model[side].broken,
  } as const
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
          {...half}
          outlines={gap ? outlines.filter(({ material }) => material !== 'crystal') : outlines}
        />
        {gap && (
          <g transform={`translate(0 ${-gap.crystalMm * window.scale})`}>
            <HalfDrawing {...half} outlines={outlines.filter(({ material }) => material === 'crystal')} />
          </g>
        )}
        <DrawnDies
          dies={dies}
          side={1}
          axisX={axisX}
          seatY={seatY}
          scale={window.scale}
          liftMm={gap?.pusherMm ?? 0}
        />
        <HandStack section={model.section} axisX={axisX} seatY={seatY} scale={window.scale} />
      </g>
      {dies.map(({ role, code, points }) => {
        const [face = 0, back = 0] = [points[0]?.[1], points[2]?.[1]]
        const up = back > face
        return (
          <text
            key={role}
            x={role === 'pusher' ? body.x + 6 : body.x + body.width - 6}
            y={
              seatY - (face + (role === 'pusher' ? (gap?.pusherMm ?? 0) : 0)) * window.scale + (up ? -6 : 15)
            }
            textAnchor={role === 'pusher' ? 'start' : 'end'}
            fontSize="12.5"
            fontWeight={700}
            fill="var(--mui-palette-primary-main)"
            stroke="var(--mui-palette-background-default)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {`${role} ${code}`}
          </text>
        )
      })}
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
