import type { SectionSpot, SpotSituation } from './Construction'

/** Where the section names what most constructions have: edge, ring's wall, seat, hands. */
export function usualSpots({ section, wallMm }: SpotSituation) {
  const bore = section.boreMm / 2
  const rim = section.seatDepthMm
  return {
    edge: ['crystal-edge', [-(bore - wallMm - 1.2), rim * 0.75]],
    ringWall: ['gasket-wall', [-(bore - wallMm / 2), rim * 0.45]],
    seat: ['seat-depth', [-bore, 0]],
    hands: ['hands-below-seat', [-section.dialOpeningMm / 2, -section.handsBelowSeatMm]],
  } as const satisfies Readonly<Record<string, SectionSpot>>
}
