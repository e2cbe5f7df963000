import type { CornerWindow } from '@/core/section/cornerWindow'
import { cornerWindow } from '@/core/section/cornerWindow'
import { spreadLabels } from '@/core/section/spreadLabels'
import type { ScreenLine } from '@/core/section/uncrossed'
import { uncrossed } from '@/core/section/uncrossed'
import { CSS_PX_PER_MM } from './screenScale'
import type { PlacedLabel } from './sectionLayout'
import { labelColumn, pitchOf } from './sectionLayout'
import type { SectionModel } from './sectionModel'
import type { SectionLabel } from './SectionSource'

/** Which half of the section the corner is taken from. */
export type SectionSide = 'found' | 'planned'

/** A hundredth of a millimetre is half a pixel then: what is flush and what is proud can be told by eye. */
const LEAST_RATIO = 15
/** Room over the rim for a die that bears there, mm. */
const OVER_DIES_MM = 1
const HEAD = 26
const FOOT = 8
const LABEL_MARGIN = 9

export interface CornerLayout {
  readonly window: CornerWindow
  readonly height: number
  /** the drawing itself, on the screen */
  readonly body: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
  /** screen x of the axis, screen y of the seat */
  readonly axisX: number
  readonly seatY: number
  readonly labels: readonly PlacedLabel[]
}

/** Lays the corner out over a width, a column of labels on either side, no leader across another. */
export function cornerLayout(
  model: SectionModel,
  side: SectionSide,
  width: number,
  hasDies = false,
): CornerLayout {
  const column = labelColumn(width)
  const window = cornerWindow(model[side].outlines, {
    edgeMm: crystalEdgeMm(model, side),
    width: width - 2 * column,
    leastScale: LEAST_RATIO * CSS_PX_PER_MM,
    ...(hasDies && { headMm: OVER_DIES_MM }),
  })
  const left = model.labels.filter(({ place }) => place === 'left')
  const right = model.labels.filter(({ place }) => place === 'right')
  const drawn = (window.topMm - window.bottomMm) * window.scale
  const bodyHeight = Math.max(drawn, ...[left, right].map((labels) => labels.length * pitchOf(labels)))
  const axisX = column - window.fromMm * window.scale
  const seatY = HEAD + window.topMm * window.scale
  const place = ({ anchor: [r, z] }: SectionLabel) => {
    const radius = Math.abs(r)
    const seen = radius >= window.fromMm && radius <= window.toMm && z >= window.bottomMm && z <= window.topMm
    return seen ? { x: axisX + radius * window.scale, y: seatY - z * window.scale } : null
  }
  const columnOf = (
    labels: readonly SectionLabel[],
    x: number,
    drawn: readonly ScreenLine[] = [],
  ): PlacedLabel[] => {
    // What a planned figure points at is in the planned half alone.
    const targets = labels.map((label) => (label.place === 'right' && side === 'found' ? null : place(label)))
    // A place that is not shown lies below the corner, as the hands do.
    const places = targets.map((target) => target ?? { x, y: HEAD + bodyHeight })
    const wanted = places.map(({ y }) => y).sort((a, b) => a - b)
    const ys = spreadLabels(wanted, pitchOf(labels), HEAD + 22, HEAD + bodyHeight - 22)
    const slots = uncrossed(
      places,
      ys.map((y) => ({ x, y })),
      drawn,
    )
    return labels.map((label, i) => ({
      label,
      x: label.place === 'left' ? 0 : width - column + 8,
      y: slots[i]?.y ?? HEAD,
      width: column - LABEL_MARGIN,
      crosswise: false,
      target: targets[i] ?? null,
    }))
  }
  const planned = columnOf(right, width - column + 4)
  const lines = planned.flatMap(({ x, y, target }): ScreenLine[] =>
    target ? [[{ x: x - 4, y }, target]] : [],
  )
  return {
    window,
    height: HEAD + bodyHeight + FOOT,
    body: { x: column, y: HEAD, width: width - 2 * column, height: drawn },
    axisX,
    seatY,
    labels: [...columnOf(left, column - 6, lines), ...planned],
  }
}

/** Where the crystal of that half ends; without one, what it goes into. */
function crystalEdgeMm(model: SectionModel, side: SectionSide): number {
  const crystal = model[side].outlines.find(({ material }) => material === 'crystal')
  return crystal ? Math.max(...crystal.points.map(([r]) => r)) : model.section.boreMm / 2
}
