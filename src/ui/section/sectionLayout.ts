import type { BrokenView } from '@/core/section/brokenView'
import { brokenView, screenXOf } from '@/core/section/brokenView'
import { spreadLabels } from '@/core/section/spreadLabels'
import type { SectionModel } from './sectionModel'
import type { SectionLabel } from './SectionSource'

/** Screen units are CSS pixels at full width. */
const LABEL_COLUMN = 106
const NARROW_LABEL_COLUMN = 92
const NARROW_BELOW = 480
const LABEL_MARGIN = 9
const CROSS_LABEL = 262
const LABEL_PITCH = 46
const NOTED_PITCH = 58
const HEAD = 62
const FOOT = 48
const STRIP_GAP = 14
const MARGIN_MM = 0.35
/** What the edge strips show inward of the bore, and the centre strip either side of the axis, mm. */
const EDGE_INWARD_MM = 2.4
const CENTRE_MM = 2
const LEAST_BODY = 176

export interface PlacedLabel {
  readonly label: SectionLabel
  readonly x: number
  readonly y: number
  /** of its text and of the place that takes a click */
  readonly width: number
  readonly crosswise: boolean
  /** where the leader ends on the drawing; null when that place is cut out of the broken view */
  readonly target: { readonly x: number; readonly y: number } | null
}

export interface SectionLayout {
  readonly width: number
  readonly height: number
  readonly view: BrokenView
  readonly viewX: number
  readonly seatY: number
  readonly bodyTop: number
  readonly bodyBottom: number
  readonly labels: readonly PlacedLabel[]
  readonly column: number
}

/** Width of a column of labels beside a drawing, CSS px. */
export function labelColumn(width: number): number {
  return width < NARROW_BELOW ? NARROW_LABEL_COLUMN : LABEL_COLUMN
}

/** From one label of a column to the next, CSS px: more where one says what is wanted of its figure. */
export function pitchOf(labels: readonly SectionLabel[]): number {
  return labels.some(({ note }) => note) ? NOTED_PITCH : LABEL_PITCH
}

/** Width of a dimension that goes right across a drawing, CSS px. */
export function crossWidth(width: number): number {
  return Math.min(CROSS_LABEL, width)
}

/** Lays the section out over a width: the broken view in the middle, labels in a column on either side. */
export function sectionLayout(model: SectionModel, width: number): SectionLayout {
  const column = labelColumn(width)
  const { section } = model
  const view = brokenView({
    outerMm: section.caseDiameterMm / 2 + MARGIN_MM,
    edgeFromMm: section.boreMm / 2 - EDGE_INWARD_MM,
    centreMm: CENTRE_MM,
    width: width - 2 * column,
    gap: STRIP_GAP,
  })
  const topMm = Math.max(
    section.seatDepthMm,
    ...model.planned.outlines.concat(model.found.outlines).flatMap((o) => o.points.map(([, z]) => z)),
  )
  const bottomMm = section.seatDepthMm - section.caseHeightMm
  const seatY = HEAD + topMm * view.scale
  const bodyBottom = Math.max(seatY - bottomMm * view.scale, HEAD + LEAST_BODY)
  const frame = { column, width, view, seatY, top: HEAD - 8, bottom: bodyBottom }
  return {
    width,
    height: bodyBottom + FOOT,
    view,
    viewX: column,
    seatY,
    bodyTop: HEAD,
    bodyBottom,
    column,
    labels: [
      ...sideLabels(model.labels, 'left', frame),
      ...sideLabels(model.labels, 'right', frame),
      ...crossLabels(model.labels, frame),
    ],
  }
}

interface Frame {
  readonly column: number
  readonly width: number
  readonly view: BrokenView
  readonly seatY: number
  readonly top: number
  readonly bottom: number
}

function sideLabels(labels: readonly SectionLabel[], side: 'left' | 'right', frame: Frame): PlacedLabel[] {
  const mine = labels.filter((label) => label.place === side)
  const wanted = mine.map(({ anchor: [, z] }) => frame.seatY - z * frame.view.scale)
  const ys = spreadLabels(wanted, pitchOf(mine), frame.top + 12, frame.bottom - 8)
  return mine.map((label, i) => {
    const [r, z] = label.anchor
    const x = screenXOf(frame.view, r)
    return {
      label,
      x: side === 'left' ? 0 : frame.width - frame.column + 8,
      y: ys[i] ?? frame.top,
      width: frame.column - LABEL_MARGIN,
      crosswise: false,
      target: x === null ? null : { x: frame.column + x, y: frame.seatY - z * frame.view.scale },
    }
  })
}

function crossLabels(labels: readonly SectionLabel[], frame: Frame): PlacedLabel[] {
  return labels
    .filter((label) => label.place === 'top' || label.place === 'bottom')
    .map((label) => ({
      label,
      x: frame.width / 2,
      y: label.place === 'top' ? 22 : frame.bottom + 24,
      width: crossWidth(frame.width),
      crosswise: true,
      target: null,
    }))
}
