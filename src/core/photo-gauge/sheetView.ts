import type { Point } from '../circle/Circle'
import type { PrintScale, SheetMark } from './gaugeSheet'
import { ALL_MARKS, asPrinted, FRAME_HEIGHT_MM, FRAME_WIDTH_MM } from './gaugeSheet'
import type { GreyImage, Pixel } from './GreyImage'
import type { Correspondence, Homography } from './homography'
import { homographyFrom, inverseHomography, pictureOf, pixelsPerMm, sheetOf } from './homography'
import type { SheetCorners } from './locateSheet'
import { homographyOfCorners, showsSheet } from './locateSheet'
import { refineMark } from './refineMark'

/** A mark's place in the picture; `mark` is its index in ALL_MARKS. */
export interface FoundMark {
  readonly mark: number
  readonly picture: Pixel
}

/** How a picture shows the printed sheet. */
export interface SheetView {
  readonly toPicture: Homography
  readonly toSheet: Homography
  /** standard uncertainty of one mark's place, mm: what the marks say among themselves, never less than the floor */
  readonly markUncertaintyMm: number
  /** px a mm takes up in the middle */
  readonly pixelsPerMm: number
}

export type SheetViewOutcome =
  { ok: true; view: SheetView } | { ok: false; reason: 'corners-unusable' | 'sheet-not-flat' }

export const SHEET_VIEW_WORDS = {
  'corners-unusable':
    'Corner marks: the four places do not sit on four marks of the sheet. Drag each handle onto the middle of its mark.',
  'sheet-not-flat':
    'Sheet: its marks are not where a flat sheet’s would be. Lay it flat on glass or tape it down, and take the picture from straight above.',
} as const

/** Part of a mark's radius that is looked at. */
const WINDOW_SHARE = 0.6
/** Paper that looks flat is flat to this, and a printer places a mark to this, standard uncertainty, mm. From memory. */
const MARK_FLOOR_MM = 0.012
/** Marks off by more than this show a curled sheet, a wrong corner or a bent picture, mm. */
const NOT_FLAT_MM = 0.35
/** A side mark this far from where the corners put it is something else, mm. */
const SIDE_REACH_MM = 1.2
const MIDDLE: Point = { xMm: FRAME_WIDTH_MM / 2, yMm: FRAME_HEIGHT_MM / 2 }

/**
 * The marks' centres to a fraction of a pixel, from roughly placed corners.
 * A side mark under a hand or a piece is left out; a corner that is no mark is refused.
 * @param image - the picture the corners were found or set in
 * @param corners - each within a few px of its mark's centre
 */
export function marksNear(image: GreyImage, corners: SheetCorners): FoundMark[] | null {
  const rough = homographyOfCorners(corners)
  if (!rough) return null
  const refine = ({ centre, radiusMm }: SheetMark, at: Pixel, h: Homography) =>
    refineMark(image, at, WINDOW_SHARE * radiusMm * pixelsPerMm(centre, h))
  const found: FoundMark[] = []
  for (const [mark, place] of corners.entries()) {
    const drawn = ALL_MARKS[mark]
    const picture = drawn && refine(drawn, place, rough)
    if (!picture) return null
    found.push({ mark, picture })
  }
  const [a, b, c, d] = found.map((f) => f.picture)
  if (!a || !b || !c || !d || !showsSheet(image, [a, b, c, d])) return null
  const exact = homographyOfCorners([a, b, c, d])
  if (!exact) return null
  const reachPx = SIDE_REACH_MM * pixelsPerMm(MIDDLE, exact)
  for (const [mark, drawn] of ALL_MARKS.entries()) {
    if (drawn.role !== 'side') continue
    const expected = pictureOf(drawn.centre, exact)
    const picture = refine(drawn, expected, exact)
    if (picture && Math.hypot(picture.x - expected.x, picture.y - expected.y) <= reachPx) {
      found.push({ mark, picture })
    }
  }
  return found
}

/** The sheet as found marks show it. @param scale - what the printer made of the drawing */
export function sheetView(found: readonly FoundMark[], scale: PrintScale): SheetViewOutcome {
  const pairs = found.flatMap(({ mark, picture }) => {
    const drawn = ALL_MARKS[mark]
    return drawn ? [{ sheet: asPrinted(drawn.centre, scale), picture }] : []
  })
  const toPicture = homographyFrom(pairs)
  const toSheet = toPicture && inverseHomography(toPicture)
  if (!toPicture || !toSheet) return { ok: false, reason: 'corners-unusable' }
  const scatter = scatterMm(pairs, toSheet)
  if (scatter > NOT_FLAT_MM) return { ok: false, reason: 'sheet-not-flat' }
  return {
    ok: true,
    view: {
      toPicture,
      toSheet,
      markUncertaintyMm: Math.max(MARK_FLOOR_MM, scatter),
      pixelsPerMm: pixelsPerMm(MIDDLE, toPicture),
    },
  }
}

/** Root mean square of a mark's distance, a coordinate, with the homography's eight numbers taken off; 0 for four marks. */
function scatterMm(marks: readonly Correspondence[], toSheet: Homography): number {
  const free = 2 * marks.length - 8
  if (free <= 0) return 0
  const squares = marks.reduce((sum, { sheet, picture }) => {
    const seen = sheetOf(picture, toSheet)
    return sum + (seen.xMm - sheet.xMm) ** 2 + (seen.yMm - sheet.yMm) ** 2
  }, 0)
  return Math.sqrt(squares / free)
}
