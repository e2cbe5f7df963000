import { sheetInk } from '@/core/photo-gauge/gaugeSheet'
import type { GreyImage } from '@/core/photo-gauge/GreyImage'
import type { Homography } from '@/core/photo-gauge/homography'
import { inverseHomography, sheetOf } from '@/core/photo-gauge/homography'

export const PAPER = 0.85
export const INK = 0.05

/** A picture of a function of the place, each pixel the mean of n × n points: sharp edges with exact coverage. */
export function paintedPicture(
  widthPx: number,
  heightPx: number,
  light: (x: number, y: number) => number,
  n = 4,
): GreyImage {
  const values = new Float32Array(widthPx * heightPx)
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++) {
      let sum = 0
      for (let i = 0; i < n; i++)
        for (let j = 0; j < n; j++) sum += light(x + (i + 0.5) / n - 0.5, y + (j + 0.5) / n - 0.5)
      values[y * widthPx + x] = sum / (n * n)
    }
  return { widthPx, heightPx, values }
}

/** The gauge sheet alone as this view shows it; `over` puts pieces on it, null where there is none. */
export function sheetPicture(
  view: Homography,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
  over: (xMm: number, yMm: number) => number | null = () => null,
  n = 2,
): GreyImage {
  const back = inverseHomography(view)
  if (!back) throw new Error('a view that flattens the sheet shows nothing')
  return paintedPicture(
    widthPx,
    heightPx,
    (x, y) => {
      const { xMm, yMm } = sheetOf({ x, y }, back)
      return over(xMm, yMm) ?? INK + (PAPER - INK) * sheetInk(xMm, yMm)
    },
    n,
  )
}
