import type { Point } from '../circle/Circle'

/**
 * The printed sheet a piece is photographed on. Sheet coordinates: mm from the first corner mark's centre, x to the
 * right, y down. Every mark is a disc quartered black and white: its centre is where the quarters meet, a point that
 * stays a point however the sheet is tilted.
 */
export interface SheetMark {
  readonly centre: Point
  readonly radiusMm: number
  /** corner marks carry the picture; side marks check it */
  readonly role: 'corner' | 'side'
}

export const FRAME_WIDTH_MM = 110
export const FRAME_HEIGHT_MM = 80
const CORNER_RADIUS_MM = 5
const SIDE_RADIUS_MM = 3

const mark = (xMm: number, yMm: number, role: SheetMark['role']): SheetMark => ({
  centre: { xMm, yMm },
  radiusMm: role === 'corner' ? CORNER_RADIUS_MM : SIDE_RADIUS_MM,
  role,
})

/** Clockwise from the one with the dot. */
export const CORNER_MARKS: readonly [SheetMark, SheetMark, SheetMark, SheetMark] = [
  mark(0, 0, 'corner'),
  mark(FRAME_WIDTH_MM, 0, 'corner'),
  mark(FRAME_WIDTH_MM, FRAME_HEIGHT_MM, 'corner'),
  mark(0, FRAME_HEIGHT_MM, 'corner'),
]

const SIDE_MARKS: readonly SheetMark[] = [
  mark(FRAME_WIDTH_MM / 2, 0, 'side'),
  mark(FRAME_WIDTH_MM, FRAME_HEIGHT_MM / 2, 'side'),
  mark(FRAME_WIDTH_MM / 2, FRAME_HEIGHT_MM, 'side'),
  mark(0, FRAME_HEIGHT_MM / 2, 'side'),
]

/** Black dot that says which corner is the first. */
export const FIRST_CORNER_DOT = { centre: { xMm: 12, yMm: 0 }, radiusMm: 2 } as const

/** Where the pieces lie: inside this nothing is printed. */
export const CLEAR_FIELD = { leftMm: 8, topMm: 8, rightMm: 102, bottomMm: 72 } as const

/** Every mark of the drawing, the corners first. */
export const ALL_MARKS: readonly SheetMark[] = [...CORNER_MARKS, ...SIDE_MARKS]

/** Bars to be measured on the print: what they should be, and where they stand. */
export const LEVEL_BAR_MM = 100
export const UPRIGHT_BAR_MM = 70
export const LEVEL_BAR = {
  from: { xMm: 5, yMm: 96 },
  to: { xMm: 5 + LEVEL_BAR_MM, yMm: 96 },
} as const
export const UPRIGHT_BAR = {
  from: { xMm: 126, yMm: 5 },
  to: { xMm: 126, yMm: 5 + UPRIGHT_BAR_MM },
} as const

/** A printer further off than this has been told to fit the page: refuse it, part of the length. */
const WORST_PRINT = 0.06
/** A bar's length by caliper against printed ends, standard uncertainty, mm. From memory. */
const BAR_READING_MM = 0.05
/** How far the two directions of one printer may differ where only one bar was measured, relative. From memory. */
const UNMEASURED_DIRECTION = 0.002

/** What the printer really made. */
export interface PrintScale {
  /** printed length over drawn length, level and upright */
  readonly x: number
  readonly y: number
  /** relative standard uncertainty of a length on the print */
  readonly uncertainty: number
}

export type PrintScaleOutcome = { ok: true; scale: PrintScale } | { ok: false; message: string }

/**
 * The print's scale from its bars.
 * @param levelMm - measured length of the level bar, mm, within 6 % of 100
 * @param uprightMm - measured length of the upright bar, mm; null when it was not measured
 */
export function printScale(levelMm: number, uprightMm: number | null): PrintScaleOutcome {
  const level = barScale('Level bar', levelMm, LEVEL_BAR_MM)
  if (typeof level === 'string') return { ok: false, message: level }
  if (uprightMm === null) {
    const uncertainty = Math.hypot(BAR_READING_MM / LEVEL_BAR_MM, UNMEASURED_DIRECTION / 2)
    return { ok: true, scale: { x: level, y: level, uncertainty } }
  }
  const upright = barScale('Upright bar', uprightMm, UPRIGHT_BAR_MM)
  if (typeof upright === 'string') return { ok: false, message: upright }
  // Half of a length's scale comes from each bar.
  const uncertainty = Math.hypot(BAR_READING_MM / LEVEL_BAR_MM, BAR_READING_MM / UPRIGHT_BAR_MM) / 2
  return { ok: true, scale: { x: level, y: upright, uncertainty } }
}

function barScale(name: string, measuredMm: number, drawnMm: number): number | string {
  const [least, most] = [drawnMm * (1 - WORST_PRINT), drawnMm * (1 + WORST_PRINT)]
  if (measuredMm >= least && measuredMm <= most) return measuredMm / drawnMm
  return `${name}: ${measuredMm} mm is outside ${least.toFixed(1)}–${most.toFixed(1)} mm. Print the sheet at 100 %, without “fit to page”, and measure the bar again.`
}

/** A place of the drawing as it came out of the printer. */
export function asPrinted({ xMm, yMm }: Point, scale: PrintScale): Point {
  return { xMm: xMm * scale.x, yMm: yMm * scale.y }
}

/** Brightness the drawing has at a place: 1 paper, 0 ink. Bars and words are not part of it. */
export function sheetInk(xMm: number, yMm: number): 0 | 1 {
  const { leftMm, topMm, rightMm, bottomMm } = CLEAR_FIELD
  if (xMm > leftMm && xMm < rightMm && yMm > topMm && yMm < bottomMm) return 1
  for (const { centre, radiusMm } of ALL_MARKS) {
    const dx = xMm - centre.xMm
    const dy = yMm - centre.yMm
    // Quarters upper right and lower left are black.
    if (dx * dx + dy * dy <= radiusMm * radiusMm) return dx * dy < 0 ? 0 : 1
  }
  const { centre, radiusMm } = FIRST_CORNER_DOT
  const dx = xMm - centre.xMm
  const dy = yMm - centre.yMm
  return dx * dx + dy * dy <= radiusMm * radiusMm ? 0 : 1
}
