import type { Point } from '../circle/Circle'
import type { EdgeArc } from './arcsOfChains'
import { ARC_LIMITS, arcsOfChain, joinedArcs } from './arcsOfChains'
import { edgeChains } from './edgeChains'
import { blurOf, edgeShiftPx } from './edgeShift'
import type { PrintScale } from './gaugeSheet'
import { CLEAR_FIELD } from './gaugeSheet'
import type { GreyImage, Pixel } from './GreyImage'
import { brightnessAt, shrunk, unshrunk } from './GreyImage'
import { pictureOf, sheetOf } from './homography'
import type { LocateOutcome, SheetCorners } from './locateSheet'
import { locateSheet } from './locateSheet'
import type { FoundMark, SheetView } from './sheetView'
import { marksNear, sheetView } from './sheetView'

/** Longest side at which marks are looked for, px. */
const SEARCH_SIDE_PX = 900
/** Gradients at which an edge starts and ends, as a part of the step from ink to paper. */
const START_SHARE = 0.035
const KEEP_SHARE = 0.015
const LEAST_CHAIN_POINTS = 24

/** Finds the sheet's corners in a picture of any size; places in that picture's own pixels. */
export function findCorners(image: GreyImage): LocateOutcome {
  const factor = Math.max(1, Math.round(Math.max(image.widthPx, image.heightPx) / SEARCH_SIDE_PX))
  const found = locateSheet(factor === 1 ? image : shrunk(image, factor))
  if (!found.ok) return found
  const [a, b, c, d] = found.corners
  const corners: SheetCorners = [
    unshrunk(a, factor),
    unshrunk(b, factor),
    unshrunk(c, factor),
    unshrunk(d, factor),
  ]
  return { ...found, corners }
}

/** A circle seen in the picture, offered to be chosen. */
export interface SeenArc {
  /** `outline`: dark within, paper without, as a rim; `hole`: the other way round, as a ring's inside or a bevel's */
  readonly side: 'outline' | 'hole'
  /** edge points in the picture, px */
  readonly pixels: readonly Pixel[]
  readonly arc: EdgeArc
}

/**
 * Every edge of the pieces on the sheet that runs along a circle, longest first.
 * @param image - the picture the view belongs to
 */
export function arcsOnSheet(image: GreyImage, view: SheetView, scale: PrintScale): SeenArc[] {
  const blurPx = blurOf(image, view, scale)
  const step = inkStep(image, view)
  const chains = edgeChains(image, {
    startGradient: START_SHARE * step,
    keepGradient: KEEP_SHARE * step,
    leastPoints: LEAST_CHAIN_POINTS,
  })
  const arcs = chains.flatMap((chain) =>
    arcsOfChain(chain.map((pixel) => sheetOf(pixel, view.toSheet)).filter(isInField), ARC_LIMITS),
  )
  return joinedArcs(arcs, ARC_LIMITS)
    .map((steepest) => {
      const side = sideOf(image, steepest, view)
      const arc =
        blurPx === null ? steepest : shifted(image, view, steepest, { blurPx, grows: side === 'outline' })
      return { arc, side, pixels: arc.points.map((point) => pictureOf(point, view.toPicture)) }
    })
    .sort(outlinesFirst)
}

/** The arc where its edge really is, see `edgeShiftPx`. */
function shifted(
  image: GreyImage,
  view: SheetView,
  arc: EdgeArc,
  edge: { readonly blurPx: number; readonly grows: boolean },
): EdgeArc {
  const { centre, radiusMm } = arc.fit
  const outwardMm = edgeShiftPx(image, view, arc.fit, thinned(arc.points), edge) / view.pixelsPerMm
  const points = arc.points.map(({ xMm, yMm }): Point => {
    const [dx, dy] = [xMm - centre.xMm, yMm - centre.yMm]
    const share = outwardMm / Math.hypot(dx, dy)
    return { xMm: xMm + share * dx, yMm: yMm + share * dy }
  })
  return { ...arc, points, fit: { ...arc.fit, radiusMm: radiusMm + outwardMm } }
}

/** Enough places to quiet the picture's noise. */
const MOST_PLACES = 240

function thinned(points: readonly Point[]): readonly Point[] {
  const stride = Math.max(1, Math.floor(points.length / MOST_PLACES))
  return points.filter((_, i) => i % stride === 0)
}

/** What is looked for is mostly an outline; among equals the longest edge says most. */
function outlinesFirst(a: SeenArc, b: SeenArc): number {
  return Number(b.side === 'outline') - Number(a.side === 'outline') || b.arc.lengthMm - a.arc.lengthMm
}

/** Distance either side of an edge at which brightness is compared, px: past the blur, short of the next edge. */
const BESIDE_PX = 2.5

function sideOf(image: GreyImage, { points, fit }: EdgeArc, view: SheetView): SeenArc['side'] {
  const stepMm = BESIDE_PX / view.pixelsPerMm
  let inward = 0
  for (const point of points) {
    const [dx, dy] = [point.xMm - fit.centre.xMm, point.yMm - fit.centre.yMm]
    const reach = Math.hypot(dx, dy)
    const at = (mm: number) => {
      const { x, y } = pictureOf(
        { xMm: point.xMm + (dx / reach) * mm, yMm: point.yMm + (dy / reach) * mm },
        view.toPicture,
      )
      return brightnessAt(image, x, y) ?? 0
    }
    inward += at(-stepMm) - at(stepMm)
  }
  return inward < 0 ? 'outline' : 'hole'
}

export type PictureReading =
  | { ok: true; marks: readonly FoundMark[]; view: SheetView; arcs: readonly SeenArc[] }
  | { ok: false; reason: 'no-marks' | 'no-sheet' | 'corners-unusable' | 'sheet-not-flat' }

/** Everything a picture shows, with nobody setting a corner: sheet, marks, round edges. */
export function readPicture(image: GreyImage, scale: PrintScale): PictureReading {
  const found = findCorners(image)
  if (!found.ok) return found
  const marks = marksNear(image, found.corners)
  if (!marks) return { ok: false, reason: 'corners-unusable' }
  const seen = sheetView(marks, scale)
  return seen.ok ? { ok: true, marks, view: seen.view, arcs: arcsOnSheet(image, seen.view, scale) } : seen
}

function isInField({ xMm, yMm }: Point): boolean {
  return (
    xMm > CLEAR_FIELD.leftMm &&
    xMm < CLEAR_FIELD.rightMm &&
    yMm > CLEAR_FIELD.topMm &&
    yMm < CLEAR_FIELD.bottomMm
  )
}

/** How far ink and paper are apart in brightness, from the quarters of the first corner mark. */
function inkStep(image: GreyImage, view: SheetView): number {
  const at = (xMm: number, yMm: number) => {
    const { x, y } = pictureOf({ xMm, yMm }, view.toPicture)
    return brightnessAt(image, x, y) ?? 0
  }
  const paper = (at(2, 2) + at(-2, -2)) / 2
  const ink = (at(2, -2) + at(-2, 2)) / 2
  return Math.max(0.05, paper - ink)
}
