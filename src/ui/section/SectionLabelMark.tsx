import type { DimensionId } from '@/core/readings/dimensions'
import { STATE_WORDS, StateMark } from '../small/StateMark'
import type { PlacedLabel } from './sectionLayout'

const TONES = {
  plain: 'var(--mui-palette-text-primary)',
  good: 'var(--mui-palette-success-main)',
  attention: 'var(--mui-palette-warning-main)',
  stop: 'var(--mui-palette-error-main)',
} as const

const HIT_HEIGHT = 44

export interface SectionLabelMarkProps {
  readonly placed: PlacedLabel
  /** true when this dimension is the one being read */
  readonly aimed: boolean
  /** null where nothing is measured: the labels are plain text then */
  readonly onAim: ((dimension: DimensionId) => void) | null
}

/** A dimension on the section: a button when it can be read, plain text when it follows from others. */
export function SectionLabelMark({ placed, aimed, onAim }: SectionLabelMarkProps) {
  const { label, x, y, width, crosswise } = placed
  const name = `${label.title} ${label.value}, ${STATE_WORDS[label.state]}`
  const tone = TONES[label.tone]
  const left = crosswise ? x - width / 2 : x
  const text = crosswise ? (
    <g color={tone}>
      <StateMark state={label.state} x={left + 12} y={y} />
      <text x={left + 24} y={y + 4.5} fontSize="13" fill="var(--mui-palette-text-secondary)">
        {label.title}
      </text>
      <text x={left + width - 4} y={y + 5} textAnchor="end" className="figure" fontSize="14.5" fill={tone}>
        {label.value}
      </text>
    </g>
  ) : (
    <ColumnLabel placed={placed} tone={tone} />
  )
  if (label.dimension === null || onAim === null)
    return (
      <g role="note" aria-label={name}>
        {text}
      </g>
    )
  const { dimension } = label
  const aim = () => onAim(dimension)
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Measure ${name}`}
      aria-pressed={aimed}
      style={{ cursor: 'pointer' }}
      onClick={aim}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return
        event.preventDefault()
        event.stopPropagation()
        aim()
      }}
    >
      <rect
        x={left}
        y={y - HIT_HEIGHT / 2}
        width={width}
        height={HIT_HEIGHT}
        rx={3}
        fill={aimed ? 'var(--mui-palette-paper-chosen)' : 'transparent'}
        stroke={aimed ? 'var(--mui-palette-primary-main)' : 'none'}
      />
      {text}
    </g>
  )
}

/** In a column narrower than this the mark and the doubt have a line of their own, under the figure. */
const STACKED_BELOW = 90

/** Title over figure, with its doubt and a mark for where it comes from. */
function ColumnLabel({ placed, tone }: { placed: PlacedLabel; tone: string }) {
  const { label, x, y, width } = placed
  const [figure, doubt] = label.value.split(' ±')
  const stacked = width < STACKED_BELOW
  const doubtText = doubt === undefined ? '' : `±${doubt}`
  return (
    <g color={tone}>
      <text
        x={x + 4}
        y={y - (stacked ? 10 : 5)}
        fontSize="12.5"
        fill={label.tone === 'plain' ? 'var(--mui-palette-text-secondary)' : tone}
      >
        {label.title}
      </text>
      <text x={x + 4} y={y + (stacked ? 5 : 12)} className="figure" fontSize="14.5" fill={tone}>
        {figure}
        {!stacked && (
          <tspan fontSize="11.5" dx="3">
            {doubtText}
          </tspan>
        )}
      </text>
      {stacked && (
        <text x={x + 20} y={y + 18.5} className="figure" fontSize="11.5" fill={tone}>
          {doubtText}
        </text>
      )}
      {label.note && !stacked && (
        <text x={x + 4} y={y + 27} fontSize="11" fill="var(--mui-palette-text-secondary)">
          {label.note}
        </text>
      )}
      <StateMark state={label.state} x={stacked ? x + 10 : x + width - 6} y={stacked ? y + 14.5 : y - 9} />
    </g>
  )
}
