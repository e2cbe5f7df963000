import type { Point } from '@/core/circle/Circle'
import {
  ALL_MARKS,
  FIRST_CORNER_DOT,
  LEVEL_BAR,
  LEVEL_BAR_MM,
  UPRIGHT_BAR,
  UPRIGHT_BAR_MM,
} from '@/core/photo-gauge/gaugeSheet'

/** The gauge sheet as lines, wedges and words on an A4 page lying on its side; all mm from the page's top left. */
export const PAGE = { widthMm: 297, heightMm: 210 } as const
/** Where the first corner mark's centre stands on the page: the frame lies in the middle. */
const ORIGIN: Point = { xMm: 85, yMm: 52 }
const BAR_TICK_MM = 4
const BAR_LINE_MM = 0.25

export interface DrawnLine {
  readonly from: Point
  readonly to: Point
  readonly widthMm: number
}

export interface DrawnText {
  readonly at: Point
  readonly sizeMm: number
  readonly words: string
}

export interface SheetDrawing {
  /** filled quarter discs: outline as a path in mm */
  readonly wedges: readonly string[]
  readonly dot: { readonly centre: Point; readonly radiusMm: number }
  readonly lines: readonly DrawnLine[]
  readonly texts: readonly DrawnText[]
}

const onPage = ({ xMm, yMm }: Point): Point => ({ xMm: xMm + ORIGIN.xMm, yMm: yMm + ORIGIN.yMm })
const mm = (value: number) => Number(value.toFixed(3)).toString()

/** @returns the drawing, the same for SVG and PDF */
export function gaugeSheetDrawing(): SheetDrawing {
  return {
    wedges: ALL_MARKS.flatMap(({ centre, radiusMm }) => {
      const { xMm: x, yMm: y } = onPage(centre)
      const arc = `A${mm(radiusMm)} ${mm(radiusMm)} 0 0 1`
      return [
        `M${mm(x)} ${mm(y)}L${mm(x)} ${mm(y - radiusMm)}${arc} ${mm(x + radiusMm)} ${mm(y)}Z`,
        `M${mm(x)} ${mm(y)}L${mm(x)} ${mm(y + radiusMm)}${arc} ${mm(x - radiusMm)} ${mm(y)}Z`,
      ]
    }),
    dot: { centre: onPage(FIRST_CORNER_DOT.centre), radiusMm: FIRST_CORNER_DOT.radiusMm },
    lines: [...bar(LEVEL_BAR.from, LEVEL_BAR.to), ...bar(UPRIGHT_BAR.from, UPRIGHT_BAR.to)],
    texts: [
      text(0, -30, 5, 'Gauge sheet'),
      text(
        0,
        -23,
        3.4,
        'Print at 100 %, never "fit to page". Lay it flat, pieces inside the frame, photograph from straight above.',
      ),
      text(
        0,
        -18,
        3.4,
        'Stand back 300 mm or more and zoom in: height over the paper then counts for little.',
      ),
      text(
        LEVEL_BAR.from.xMm,
        LEVEL_BAR.from.yMm + 9,
        3.4,
        `Level bar, drawn ${LEVEL_BAR_MM} mm between the middles of its ticks: measure it and tell Whyalon.`,
      ),
      text(UPRIGHT_BAR.from.xMm + 4, 40, 3.4, `Upright bar, drawn ${UPRIGHT_BAR_MM} mm`),
    ],
  }
}

function text(xMm: number, yMm: number, sizeMm: number, words: string): DrawnText {
  return { at: onPage({ xMm, yMm }), sizeMm, words }
}

/** A bar with a tick at either end; its length is between the middles of the ticks. */
function bar(from: Point, to: Point): DrawnLine[] {
  const [a, b] = [onPage(from), onPage(to)]
  const upright = a.xMm === b.xMm
  const tick = (end: Point): DrawnLine => ({
    from: upright
      ? { xMm: end.xMm - BAR_TICK_MM, yMm: end.yMm }
      : { xMm: end.xMm, yMm: end.yMm - BAR_TICK_MM },
    to: upright ? { xMm: end.xMm + BAR_TICK_MM, yMm: end.yMm } : { xMm: end.xMm, yMm: end.yMm + BAR_TICK_MM },
    widthMm: BAR_LINE_MM,
  })
  return [{ from: a, to: b, widthMm: BAR_LINE_MM }, tick(a), tick(b)]
}
