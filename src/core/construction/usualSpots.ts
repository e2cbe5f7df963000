import type { SectionSpot, SpotSituation } from './Construction'

/** Into the opening, so that the height of the hands is not pointed out on the case, mm. */
const IN_THE_CLEAR_MM = 0.3

/** Onto the seat from its inner edge, mm: a leader to its far corner would cross those of the hands. */
const ON_SEAT_MM = 0.3

/** Where the section names what most constructions have: edge, ring's wall, seat, hands. */
export function usualSpots({ section, wallMm }: SpotSituation) {
  const bore = section.boreMm / 2
  const rim = section.seatDepthMm
  return {
    edge: ['crystal-edge', [-(bore - wallMm - 1.2), rim * 0.75]],
    ringWall: ['gasket-wall', [-(bore - wallMm / 2), rim * 0.45]],
    seat: ['seat-depth', [-Math.min(section.dialOpeningMm / 2 + ON_SEAT_MM, bore), 0]],
    hands: ['hands-below-seat', [-(section.dialOpeningMm / 2 - IN_THE_CLEAR_MM), -section.handsBelowSeatMm]],
  } as const satisfies Readonly<Record<string, SectionSpot>>
}
