import type { HeightsView } from '@/services/tray/heightsView'

interface Point {
  readonly x: number
  readonly y: number
}

/** A rim drawn from above, 12 up, the middle at 0, 0; heights off their mean are drawn outward. CSS px. */
export interface RimRing {
  /** of every height: where it lies on a level rim, and as it is */
  readonly spokes: readonly { readonly hour: string; readonly from: Point; readonly to: Point }[]
  /** middle of the rim as it leans; null while that is not known */
  readonly leaning: Point | null
  /** how many times larger than true heights are drawn */
  readonly enlarged: number
}

/** A hundredth of a millimetre is this far on the drawing, px: so that what matters is seen and the rest is not. */
const PX_OF_HUNDREDTH = 2.4
/** CSS px that a millimetre of the ring itself takes, about. */
const PX_OF_MM = 4
/** No height is drawn further off the ring than this, px. */
const MOST_OFF = 16

/** A point of a ring, clockwise from 12. */
export function onRing(radius: number, directionDeg: number): Point {
  const angle = (directionDeg * Math.PI) / 180
  return { x: round(radius * Math.sin(angle)), y: round(-radius * Math.cos(angle)) }
}

/** Where a rim's heights and its lean are drawn on a ring. */
export function rimRing(
  { heights, standing }: Pick<HeightsView, 'heights' | 'standing'>,
  radius: number,
): RimRing {
  const mean = heights.reduce((sum, { heightMm }) => sum + heightMm, 0) / Math.max(1, heights.length)
  return {
    spokes: heights.map(({ hour, directionDeg, heightMm }) => ({
      hour,
      from: onRing(radius, directionDeg),
      to: onRing(radius + off(heightMm - mean), directionDeg),
    })),
    leaning: standing && onRing(off(standing.tiltMm / 2), standing.highSideDeg),
    enlarged: Math.round((100 * PX_OF_HUNDREDTH) / PX_OF_MM),
  }
}

function off(mm: number): number {
  return Math.max(-MOST_OFF, Math.min(MOST_OFF, mm * 100 * PX_OF_HUNDREDTH))
}

/** Sines differ in the last bit between server and browser. */
function round(px: number): number {
  return Math.round(px * 100) / 100
}
