import type { Outline } from './outline'

/** The part of one half of the section where rim, ring, seat, bevel and bezel lip meet, and how large it is drawn. */
export interface CornerWindow {
  /** radii shown, mm */
  readonly fromMm: number
  readonly toMm: number
  /** heights shown over the seat, mm */
  readonly bottomMm: number
  readonly topMm: number
  /** screen units a mm, the same in both axes */
  readonly scale: number
}

export interface CornerOptions {
  /** where the crystal's edge is, mm from the axis */
  readonly edgeMm: number
  /** screen width to fill */
  readonly width: number
  /** screen units a mm that it is drawn at least at: on a narrow screen less of the case is shown, not a smaller one */
  readonly leastScale: number
  /** free space over what is drawn, mm; left out as is usual */
  readonly headMm?: number
}

/** What is shown inward and outward of the crystal's edge where there is room, mm. */
const INWARD_MM = 2.5
const OUTWARD_MM = 2.7
/** Free space over and under what is drawn, mm. */
const HEADROOM_MM = 0.3
/** The land under the seat is always seen, mm. */
const UNDER_SEAT_MM = 1
/** Beyond this an acrylic's dome is cut off: what decides is at its foot, mm. */
const MOST_HEIGHT_MM = 4.6

/**
 * Chooses the window round the crystal's edge.
 * @throws RangeError on a width or a scale that is not above zero
 */
export function cornerWindow(
  outlines: readonly Outline[],
  { edgeMm, width, leastScale, headMm = HEADROOM_MM }: CornerOptions,
): CornerWindow {
  if (!(width > 0) || !(leastScale > 0)) {
    throw new RangeError(`cornerWindow: expected width and leastScale > 0, got ${width} and ${leastScale}`)
  }
  const scale = Math.max(leastScale, width / (INWARD_MM + OUTWARD_MM))
  const spanMm = width / scale
  const fromMm = edgeMm - (spanMm * INWARD_MM) / (INWARD_MM + OUTWARD_MM)
  const toMm = fromMm + spanMm
  const near = outlines.flatMap(({ material, points }) =>
    points.flatMap(([r, z]) => (r >= fromMm && r <= toMm ? [{ material, z }] : [])),
  )
  const held = near.filter(({ material }) => HOLDING.has(material)).map(({ z }) => z)
  const bottomMm = Math.min(-UNDER_SEAT_MM, ...held) - HEADROOM_MM
  const topMm = Math.max(0, ...near.map(({ z }) => z)) + headMm
  return { fromMm, toMm, bottomMm, topMm: Math.min(topMm, bottomMm + MOST_HEIGHT_MM), scale }
}

/** What may reach down beside a neck or under the seat, and has to be seen whole. */
const HOLDING: ReadonlySet<string> = new Set<Outline['material']>([
  'crystal',
  'gasket',
  'cement',
  'metal-ring',
])
