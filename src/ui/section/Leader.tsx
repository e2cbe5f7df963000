import type { PlacedLabel } from './sectionLayout'

/** The line from a label to its place on the drawing; nothing where that place is not shown. */
export function Leader({ placed }: { placed: PlacedLabel }) {
  const { label, target, x, y, width } = placed
  if (!target) return null
  const from = label.place === 'left' ? x + width + 3 : x - 4
  return (
    <>
      <path
        d={`M${from} ${y} L${target.x} ${target.y}`}
        stroke="var(--mui-palette-text-secondary)"
        strokeWidth="0.8"
        fill="none"
      />
      <circle cx={target.x} cy={target.y} r="2" fill="var(--mui-palette-text-primary)" />
    </>
  )
}
