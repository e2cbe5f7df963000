import type { Point } from '../circle/Circle'
import { oneStep, twoSteps } from './blurredSteps'
import { edgeProfile } from './edgeProfile'
import { asPrinted, FIRST_CORNER_DOT } from './gaugeSheet'
import type { PrintScale } from './gaugeSheet'
import type { GreyImage } from './GreyImage'
import type { SheetView } from './sheetView'

/** Blurs looked for, px. */
const LEAST_BLUR_PX = 0.4
const MOST_BLUR_PX = 4
const BLUR_TO_PX = 0.01
const DOT_PLACES = 120
/** A neighbouring edge is believed in where it explains this share of what one edge leaves over, and is this strong. */
const WORTH_TWO = 0.4
const LEAST_NEIGHBOUR = 0.1
/** What one edge leaves unexplained, of its rise squared, that is noise. */
const CLEAN_SHARE = 0.002

/**
 * How far a picture is blurred, from the edge of the sheet's printed dot: standard deviation, px.
 * @returns null where the dot is not seen
 */
export function blurOf(image: GreyImage, view: SheetView, scale: PrintScale): number | null {
  const centre = asPrinted(FIRST_CORNER_DOT.centre, scale)
  const circle = { centre, radiusMm: FIRST_CORNER_DOT.radiusMm * Math.sqrt(scale.x * scale.y) }
  const places = Array.from({ length: DOT_PLACES }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / DOT_PLACES
    return { xMm: centre.xMm + Math.cos(angle), yMm: centre.yMm + Math.sin(angle) }
  })
  const profile = edgeProfile(image, view, circle, places)
  if (!profile) return null
  const blurPx = leastAt((px) => oneStep(profile, px).residual, LEAST_BLUR_PX, MOST_BLUR_PX, BLUR_TO_PX)
  // Ink is darker than paper: what does not grow brighter outward is no dot.
  return (oneStep(profile, blurPx).steps[0]?.rise ?? 0) > 0 ? blurPx : null
}

const GOLDEN = (Math.sqrt(5) - 1) / 2

/** Where a function with one valley is least, by golden sections. @source Kiefer (1953) */
function leastAt(of: (x: number) => number, from: number, to: number, within: number): number {
  let [low, high] = [from, to]
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)]
  let [atA, atB] = [of(a), of(b)]
  while (high - low > within) {
    if (atA < atB) {
      ;[high, b, atB] = [b, a, atA]
      a = high - GOLDEN * (high - low)
      atA = of(a)
    } else {
      ;[low, a, atA] = [a, b, atB]
      b = low + GOLDEN * (high - low)
      atB = of(b)
    }
  }
  return (low + high) / 2
}

/**
 * How far outward of where the picture is steepest an edge along a circle really is, px. Blur draws a steepest place
 * inward by its curvature, and away from an edge close by, as a bevel has two: the edges are found that come to this
 * profile when they are blurred as the sheet's own dot is.
 * @param circle - along the steepest places, sheet coordinates
 * @param places - of it, that are seen
 * @param grows - true where it grows brighter outward
 */
export function edgeShiftPx(
  image: GreyImage,
  view: SheetView,
  circle: { readonly centre: Point; readonly radiusMm: number },
  places: readonly Point[],
  { blurPx, grows }: { readonly blurPx: number; readonly grows: boolean },
): number {
  const profile = edgeProfile(image, view, circle, places)
  if (!profile) return 0
  const inward = blurPx ** 2 / (2 * circle.radiusMm * view.pixelsPerMm)
  const one = oneStep(profile, blurPx)
  const [alone] = one.steps
  // A lone edge is told by what it leaves: next to nothing.
  if (alone && one.residual < CLEAN_SHARE * alone.rise ** 2) return alone.atPx + inward
  const two = twoSteps(profile, blurPx, grows)
  const [main, neighbour] = two.steps
  const both =
    main !== undefined &&
    neighbour !== undefined &&
    two.residual < WORTH_TWO * one.residual &&
    Math.abs(neighbour.rise) > LEAST_NEIGHBOUR * Math.abs(main.rise)
  const at = both ? main.atPx : (one.steps[0]?.atPx ?? 0)
  return at + inward
}
