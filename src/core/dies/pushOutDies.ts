import { formatMm } from '../units/formatMm'
import type { Die } from './Die'
import type { DieOutcome } from './pressInDies'
import { dieOutcome, faceReason } from './pressInDies'
import { reaches, within } from '../units/within'

/** What a crystal is pressed out through. All mm. */
export interface PushOutCase {
  readonly crystalDiameterMm: number
  /** total height of the crystal over its edge, 0 for flat */
  readonly domeMm: number
  /** height of a chapter ring that may fall with it, 0 for none */
  readonly ringHeightMm: number
  /** the narrowest the pusher goes through: what can be seen of the dial, or the chapter ring */
  readonly apertureMm: number
  /** what that is and where the figure is from: “the chapter ring, read here” */
  readonly apertureIs: string
  /** true with a thin plastic ring around the edge that must not be touched */
  readonly looseRing: boolean
}

/** Least distance from the pusher's edge to what it goes through, per diameter, mm. From memory. */
const PUSHER_MARGIN_MM = 0.5
/** The same beside a thin plastic ring. From memory. */
export const RING_MARGIN_MM = 1.0
/** Room around the falling crystal, mm. */
export const FALL_ROOM_MM = 0.5
/** How far it travels before it is free, mm. From memory. */
const TRAVEL_MM = 2
/** A pusher much smaller than the way loads the centre and cracks the glass, mm. From memory. */
const MOST_UNDER_MM = 6

/** How far a pusher stays clear of what it goes through, per diameter, mm. */
export function pusherMarginMm({ looseRing }: Pick<PushOutCase, 'looseRing'>): number {
  return looseRing ? RING_MARGIN_MM : PUSHER_MARGIN_MM
}

/** Pusher for pressing a crystal out from inside: the largest that clears the way by a margin. */
export function pushOutPusher(
  dies: readonly Die[],
  watchCase: Pick<PushOutCase, 'apertureMm' | 'apertureIs' | 'looseRing'>,
): DieOutcome {
  const marginMm = pusherMarginMm(watchCase)
  const mostOuterMm = watchCase.apertureMm - marginMm
  const wanted = {
    leastOuterMm: mostOuterMm - MOST_UNDER_MM,
    mostOuterMm,
    leastOpeningMm: 0,
    mostOpeningMm: 0,
    leastRecessMm: 0,
    aimOuterMm: mostOuterMm,
    aimOpeningMm: 0,
  }
  const pushers = dies.filter((d) => d.role === 'pusher')
  const choices = pushers
    .filter((d) => within(d.outerDiameterMm, wanted.leastOuterMm, mostOuterMm) && d.openingMm === 0)
    .sort((a, b) => b.outerDiameterMm - a.outerDiameterMm)
    .map((die) => ({
      die,
      reasons: [
        `${formatMm(die.outerDiameterMm, 0.1)} through ${formatMm(watchCase.apertureMm, 0.1)} (${watchCase.apertureIs}): the largest that stays ${formatMm(marginMm, 0.1)} clear${watchCase.looseRing ? ' of the chapter ring' : ''}`,
        faceReason(die),
      ],
    }))
  return dieOutcome(
    choices,
    wanted,
    pushers[0] ?? null,
    `A full face of ${formatMm(wanted.leastOuterMm, 0.1)}–${formatMm(mostOuterMm, 0.1)} would do.`,
  )
}

/** Support under a case while its crystal is pressed out: bears outside the crystal and lets it fall through. */
export function pushOutSupport(
  dies: readonly Die[],
  watchCase: Pick<PushOutCase, 'crystalDiameterMm' | 'domeMm' | 'ringHeightMm'>,
  caseDiameterMm: number,
): DieOutcome {
  const leastOpeningMm = watchCase.crystalDiameterMm + FALL_ROOM_MM
  const leastRecessMm = watchCase.domeMm + watchCase.ringHeightMm + TRAVEL_MM
  const wanted = {
    leastOuterMm: leastOpeningMm,
    mostOuterMm: caseDiameterMm,
    leastOpeningMm,
    mostOpeningMm: caseDiameterMm,
    leastRecessMm,
    aimOuterMm: caseDiameterMm,
    aimOpeningMm: leastOpeningMm,
  }
  const supports = dies.filter((d) => d.role === 'support')
  const choices = supports
    .filter(
      (d) =>
        reaches(d.openingMm, leastOpeningMm) &&
        reaches(d.recessDepthMm, leastRecessMm) &&
        reaches(caseDiameterMm, d.outerDiameterMm),
    )
    .sort((a, b) => a.openingMm - b.openingMm)
    .map((die) => ({
      die,
      reasons: [
        `opening ${formatMm(die.openingMm, 0.1)} lets the ${formatMm(watchCase.crystalDiameterMm, 0.1)} crystal fall, ${formatMm(die.recessDepthMm, 0.1)} deep for ${depthWords(watchCase)}`,
        faceReason(die, 'case'),
      ],
    }))
  return dieOutcome(
    choices,
    wanted,
    supports[0] ?? null,
    `An opening of at least ${formatMm(leastOpeningMm, 0.1)}, ${formatMm(leastRecessMm, 0.1)} deep, inside ${formatMm(caseDiameterMm, 0.1)} would do.`,
  )
}

/** Less than this is the scatter of two readings, no dome, mm. From memory. */
export const LEAST_DOME_MM = 0.05

/** “dome 1.0, ring 1.5 and way 2.0”: what has to find room below a case. */
function depthWords({ domeMm, ringHeightMm }: Pick<PushOutCase, 'domeMm' | 'ringHeightMm'>): string {
  const parts = [
    ...(domeMm >= LEAST_DOME_MM ? [`dome ${formatMm(domeMm, 0.1)}`] : []),
    ...(ringHeightMm > 0 ? [`ring ${formatMm(ringHeightMm, 0.1)}`] : []),
  ]
  const way = `${formatMm(TRAVEL_MM, 0.1)} of way`
  return parts.length > 0 ? `${parts.join(', ')} and ${way}` : way
}
