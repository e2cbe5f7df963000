import type { Retention } from '@/core/construction/kinds'
import type { DrawnCrystal, DrawnParts, JointFigures } from '@/core/section/drawnParts'
import type { SectionCase } from '@/core/section/sectionGeometry'

/** A case with the parts in it, as the section draws them. */
export interface Drawn {
  readonly watchCase: SectionCase
  readonly joint: JointFigures
  readonly parts: DrawnParts & { readonly crystal: DrawnCrystal }
}

/** What a drawn case is made up from, mm. */
export interface DrawnSizes {
  readonly bore: number
  readonly caseOver: number
  readonly openingUnder: number
  readonly seat: number
  readonly height: number
  readonly hands: number
  readonly wall: number
  readonly rise: number
  readonly dome: number
  readonly has: SectionCase['has']
}

/** A wristwatch case whose parts fit each other, as a maker would build it. */
export function drawnCase(
  retention: Retention,
  { bore, caseOver, openingUnder, seat, height, hands, wall, rise, dome, has }: DrawnSizes,
): Drawn {
  const neckOuterMm = bore - 1
  const size = {
    'tension-gasket': bore - 2 * wall + 0.05,
    'press-in-bezel': bore - 2 * wall + 0.05,
    'neck-and-bezel': neckOuterMm + 0.8,
    'snap-acrylic': bore - 0.02,
    'tension-ring-acrylic': bore - 0.02,
    cemented: bore - 0.12,
    'bayonet-ring': bore - 0.12,
  }[retention]
  // Under a turned ring glass and gasket share the rebate with it.
  const edge = retention === 'bayonet-ring' ? seat / 2 : seat
  return {
    watchCase: {
      boreMm: bore,
      seatDepthMm: seat,
      dialOpeningMm: bore - openingUnder,
      caseDiameterMm: bore + caseOver,
      caseHeightMm: height,
      handsBelowSeatMm: hands,
      has,
    },
    joint: { neckOuterMm, bezelInnerMm: neckOuterMm + 1.6, bezelRingWallMm: 0.6 },
    parts: {
      crystal: {
        diameterMm: size,
        edgeThicknessMm: edge,
        centreThicknessMm: edge + dome,
        undersideRiseMm: rise,
        bevelMm: 0.2,
        skirtInnerMm: retention === 'tension-ring-acrylic' ? size - 1.4 : null,
        ringHeightMm: retention === 'tension-ring-acrylic' ? 1.4 : null,
        undersideMm: { cemented: 0.05, 'bayonet-ring': seat / 4 }[retention as string] ?? 0,
      },
      ring: { wallMm: wall, heightMm: seat, footMm: 0 },
    },
  }
}
