/** How a figure is known: shape and word, never colour alone. */
export type FigureState = 'measured' | 'sheet' | 'supplier' | 'derived' | 'assumed' | 'conflict' | 'none'

export const STATE_WORDS: Readonly<Record<FigureState, string>> = {
  measured: 'measured',
  sheet: 'case sheet',
  supplier: 'as supplied',
  derived: 'worked out',
  assumed: 'assumed',
  conflict: 'conflict',
  none: 'not known',
}

export interface StateMarkProps {
  readonly state: FigureState
  /** centre, in the units of the svg it stands in */
  readonly x: number
  readonly y: number
}

/** The mark inside a drawing: full, half, dotted and open bead; open square; a wedge for conflict; a dash for nothing. */
export function StateMark({ state, x, y }: StateMarkProps) {
  const stroke = { stroke: 'currentColor', strokeWidth: 1.4 }
  switch (state) {
    case 'measured':
      return <circle cx={x} cy={y} r={4} fill="currentColor" />
    case 'sheet':
      return (
        <g>
          <circle cx={x} cy={y} r={4} fill="none" {...stroke} />
          <path d={`M${x} ${y - 4}a4 4 0 0 1 0 8z`} fill="currentColor" />
        </g>
      )
    case 'supplier':
      return (
        <g>
          <circle cx={x} cy={y} r={4} fill="none" {...stroke} />
          <circle cx={x} cy={y} r={1.5} fill="currentColor" />
        </g>
      )
    case 'derived':
      return <circle cx={x} cy={y} r={4} fill="none" {...stroke} />
    case 'assumed':
      return (
        <rect
          x={x - 3.6}
          y={y - 3.6}
          width={7.2}
          height={7.2}
          fill="none"
          strokeDasharray="2 1.6"
          {...stroke}
        />
      )
    case 'conflict':
      return <path d={`M${x - 4.5} ${y - 4}h9l-4.5 8.5z`} fill="var(--mui-palette-error-main)" />
    case 'none':
      return <path d={`M${x - 4} ${y}h8`} {...stroke} />
  }
}

/** The mark in running text, with its word for a screen reader. */
export function InlineStateMark({ state }: { state: FigureState }) {
  return (
    <svg
      width="12"
      height="12"
      viewBox="0 0 12 12"
      role="img"
      aria-label={STATE_WORDS[state]}
      style={{ verticalAlign: '-1px' }}
    >
      <StateMark state={state} x={6} y={6} />
    </svg>
  )
}
