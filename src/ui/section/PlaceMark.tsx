import type { PlaceLine } from '@/core/plan-view/placeLine'

export interface PlaceMarkProps {
  readonly place: PlaceLine
  readonly kind: 'read' | 'next'
}

/** Sines differ in the last bit between server and browser: a thousandth of a millimetre is enough here. */
const mm = (value: number) => value.toFixed(3)

/** Where an instrument was held, or is to be held next: a line across, with a bead at either end, or one bead. */
export function PlaceMark({ place, kind }: PlaceMarkProps) {
  const next = kind === 'next'
  const colour = next ? 'var(--mui-palette-warning-main)' : 'var(--mui-palette-text-secondary)'
  const marker = { stroke: colour, fill: 'none', vectorEffect: 'non-scaling-stroke' as const }
  const beads = place.kind === 'across' ? place.ends : [place.at]
  return (
    <g>
      {place.kind === 'across' && (
        <path
          d={`M${mm(place.ends[0].xMm)} ${mm(place.ends[0].yMm)}L${mm(place.ends[1].xMm)} ${mm(place.ends[1].yMm)}`}
          strokeWidth={next ? 2.5 : 0.9}
          strokeDasharray={next ? '8 4' : undefined}
          {...marker}
        />
      )}
      {/* A line of no length with round ends is a bead. */}
      {beads.map(({ xMm, yMm }) => (
        <path
          key={`${mm(xMm)} ${mm(yMm)}`}
          d={`M${mm(xMm)} ${mm(yMm)}h0`}
          strokeWidth={next ? 11 : 6}
          strokeLinecap="round"
          {...marker}
        />
      ))}
    </g>
  )
}
