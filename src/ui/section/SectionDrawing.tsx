import { useId } from 'react'
import type { DimensionId } from '@/core/readings/dimensions'
import { wrapWords } from '@/core/section/wrapWords'
import { HalfDrawing } from './HalfDrawing'
import { HandStack } from './HandStack'
import { ratioText } from './screenScale'
import { SectionLabelMark } from './SectionLabelMark'
import { Leader } from './Leader'
import { SectionPatterns } from './SectionPatterns'
import type { SectionLayout } from './sectionLayout'
import { sectionLayout } from './sectionLayout'
import type { SectionModel } from './sectionModel'

export interface SectionDrawingProps {
  readonly model: SectionModel
  /** CSS pixels */
  readonly width: number
  readonly aimedAt: DimensionId | null
  /** null where nothing is measured: the labels are plain text then */
  readonly onAim: ((dimension: DimensionId) => void) | null
}

/** The live section to scale: left half as found, right half as planned, the dull middle cut out. */
export function SectionDrawing({ model, width, aimedAt, onAim }: SectionDrawingProps) {
  const id = useId().replaceAll(':', '')
  const layout = sectionLayout(model, width)
  const { view, viewX, seatY, height, bodyTop, bodyBottom } = layout
  const scaleText = ratioText(view.scale)
  const assumed = model.assumed.length > 0 ? `, assumed: ${model.assumed.join(', ')}` : ''
  const footTop = height + (assumed === '' ? -6 : 6)
  const footLines = wrapWords(scaleText + assumed, Math.floor(width / FOOT_CHARACTER))
  return (
    <svg
      viewBox={`0 0 ${width} ${footTop + 6 + (footLines.length - 1) * FOOT_LINE}`}
      width="100%"
      role="group"
      aria-labelledby={`${id}-title`}
      style={{ display: 'block' }}
    >
      <title id={`${id}-title`}>{`Section, ${model.found.text}; ${model.planned.text}`}</title>
      <SectionPatterns prefix={id} />
      {view.strips.map((strip) => {
        const axisX = viewX + strip.screenX - strip.fromMm * view.scale
        const clip = `${id}-${strip.id}`
        const half = { axisX, seatY, scale: view.scale, patternPrefix: id }
        return (
          <g key={strip.id}>
            <clipPath id={clip}>
              <rect
                x={viewX + strip.screenX}
                y={bodyTop - 14}
                width={strip.screenWidth}
                height={bodyBottom - bodyTop + 20}
              />
            </clipPath>
            <g clipPath={`url(#${clip})`}>
              {strip.fromMm < 0 && (
                <HalfDrawing
                  {...half}
                  side={-1}
                  outlines={model.found.outlines}
                  ring={model.found.ring}
                  broken={model.found.broken}
                />
              )}
              {strip.toMm > 0 && (
                <HalfDrawing
                  {...half}
                  side={1}
                  outlines={model.planned.outlines}
                  ring={model.planned.ring}
                  broken={model.planned.broken}
                />
              )}
              <HandStack section={model.section} axisX={axisX} seatY={seatY} scale={view.scale} />
            </g>
          </g>
        )
      })}
      <Frame layout={layout} halfNames={onAim !== null} />
      {layout.labels.map((placed) => (
        <g key={placed.label.title}>
          <Leader placed={placed} />
          <SectionLabelMark placed={placed} aimed={placed.label.dimension === aimedAt} onAim={onAim} />
        </g>
      ))}
      <text textAnchor="end" fontSize="12" fill="var(--mui-palette-text-secondary)">
        {footLines.map((line, place) => (
          <tspan key={line} x={width - 2} y={footTop + place * FOOT_LINE}>
            {line}
          </tspan>
        ))}
      </text>
    </svg>
  )
}

/** Of the line under the drawing, CSS px: a character's mean width, and from line to line. */
const FOOT_CHARACTER = 6.2
const FOOT_LINE = 15

/** Axis, half names, the break lines and the two dimension lines across. */
function Frame({ layout, halfNames }: { layout: SectionLayout; halfNames: boolean }) {
  const { view, viewX, width, bodyTop, bodyBottom } = layout
  const axis = width / 2
  const ends = [viewX + 4, width - viewX - 4] as const
  const soft = 'var(--mui-palette-text-secondary)'
  return (
    <g fill="none" stroke={soft}>
      <path d={`M${axis} ${bodyTop - 12}V${bodyBottom + 8}`} strokeDasharray="9 3 2 3" strokeWidth="0.8" />
      {view.strips.slice(1).map((strip) => (
        <path
          key={strip.id}
          d={breakLine(viewX + strip.screenX - 8, bodyTop - 12, bodyBottom + 6)}
          strokeWidth="1"
        />
      ))}
      {halfNames && (
        <g fill={soft} stroke="none" fontSize="12.5">
          <text x={ends[0]} y={bodyTop - 18}>
            as found
          </text>
          <text x={ends[1]} y={bodyTop - 18} textAnchor="end">
            as planned
          </text>
        </g>
      )}
    </g>
  )
}

/** A long line with one zigzag: the drawing goes on behind it. */
function breakLine(x: number, top: number, bottom: number): string {
  const middle = (top + bottom) / 2
  return `M${x} ${top}V${middle - 10}l-5 5 10 10 -5 5V${bottom}`
}
