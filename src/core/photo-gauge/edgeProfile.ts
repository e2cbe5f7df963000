import type { Point } from '../circle/Circle'
import type { GreyImage } from './GreyImage'
import { brightnessAt } from './GreyImage'
import { pictureOf } from './homography'
import type { SheetView } from './sheetView'

/** How far either side of an edge a picture is looked at, and how closely, px. */
const REACH_PX = 7
const STEP_PX = 0.5

/** Brightness across an edge: at so many px outward of where it was looked for. */
export interface EdgeProfile {
  readonly atPx: readonly number[]
  readonly light: readonly number[]
}

/**
 * Mean brightness across a circle, along its radii through the places given: what scatters from one to the next is gone.
 * @param places - of the sheet, on or near the circle
 * @returns null where too little of it is in the picture
 */
export function edgeProfile(
  image: GreyImage,
  view: SheetView,
  { centre, radiusMm }: { readonly centre: Point; readonly radiusMm: number },
  places: readonly Point[],
): EdgeProfile | null {
  const count = Math.round((2 * REACH_PX) / STEP_PX) + 1
  const sums = new Float64Array(count)
  let seen = 0
  for (const { xMm, yMm } of places) {
    const [dx, dy] = [xMm - centre.xMm, yMm - centre.yMm]
    const length = Math.hypot(dx, dy)
    const across = alongRadius(image, view, centre, [dx / length, dy / length], radiusMm, count)
    if (!across) continue
    for (let i = 0; i < count; i++) sums[i] = (sums[i] ?? 0) + (across[i] ?? 0)
    seen++
  }
  if (seen < places.length / 2 || seen === 0) return null
  return {
    atPx: Array.from({ length: count }, (_, i) => i * STEP_PX - REACH_PX),
    light: Array.from(sums, (sum) => sum / seen),
  }
}

function alongRadius(
  image: GreyImage,
  view: SheetView,
  centre: Point,
  [ux, uy]: readonly [number, number],
  radiusMm: number,
  count: number,
): number[] | null {
  const across: number[] = []
  for (let i = 0; i < count; i++) {
    const r = radiusMm + (i * STEP_PX - REACH_PX) / view.pixelsPerMm
    const { x, y } = pictureOf({ xMm: centre.xMm + ux * r, yMm: centre.yMm + uy * r }, view.toPicture)
    const light = brightnessAt(image, x, y)
    if (light === null) return null
    across.push(light)
  }
  return across
}
