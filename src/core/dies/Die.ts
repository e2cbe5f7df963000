import type { StockLine } from '../stock/StockLine'

export const DIE_ROLES = ['pusher', 'support', 'socket'] as const
export type DieRole = (typeof DIE_ROLES)[number]

export const DIE_MATERIALS = ['nylon', 'acetal', 'aluminium', 'steel'] as const
export type DieMaterial = (typeof DIE_MATERIALS)[number]

/** One die of the shop's set. All mm. */
export interface Die extends StockLine {
  readonly role: DieRole
  readonly material: DieMaterial
  /** outer diameter of the face that touches */
  readonly outerDiameterMm: number
  /** inner edge of that face: 0 for a full face */
  readonly openingMm: number
  /** depth of the recess inside the opening: 0 for a full face */
  readonly recessDepthMm: number
  /** flats of a socket for polygon backs; null for a knurled socket and for every press die */
  readonly sides: number | null
}

/** A bare metal face marks what it presses: put cloth or film between (common practice). */
export function isMetal(material: DieMaterial): boolean {
  return material === 'aluminium' || material === 'steel'
}
