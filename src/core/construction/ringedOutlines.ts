import { crystalOutline, gasketOutline } from '../section/crystalOutline'
import type { DrawnParts } from '../section/drawnParts'
import type { Outline } from '../section/outline'

/** A ring in its bore and the crystal in the ring, as far as they are there. */
export function ringedOutlines(boreMm: number, { crystal, ring }: DrawnParts): Outline[] {
  return [
    ...(ring ? [gasketOutline(ring, boreMm, crystal?.diameterMm ?? null)] : []),
    ...(crystal ? [crystalOutline(crystal, crystal.undersideMm)] : []),
  ]
}
