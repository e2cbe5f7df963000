import { formatMm } from '../units/formatMm'
import type { Die } from './Die'
import { isMetal } from './Die'
import type { DieOutcome, DieOutline } from './pressInDies'
import { dieOutcome, faceReason, nearestByOuter } from './pressInDies'
import { reaches, within } from '../units/within'

/** A pusher for a snap back is smaller than it by this much, mm: it bears on the rim. Common practice. */
const LEAST_UNDER_MM = 0.5
const MOST_UNDER_MM = 2
/** The support's opening is larger than the crystal by this much, mm: it bears on bezel or case. Common practice. */
const CLEAR_OF_CRYSTAL_MM = 1
/** Room over a dome in the support, mm. From memory. */
const DOME_ROOM_MM = 0.3
/** Least width of the ring that bears on the case, mm. From memory. */
const LEAST_LAND_MM = 0.4

/**
 * Pusher that snaps a back on: a face that reaches the rim of the back, recessed in the middle where there is one.
 * @param backMm - outside of the back, mm
 * @source within 0.5–2 of the back's outside; a small die dishes the back: common practice
 */
export function snapBackPusher(dies: readonly Die[], backMm: number): DieOutcome {
  const wanted: DieOutline = {
    leastOuterMm: backMm - MOST_UNDER_MM,
    mostOuterMm: backMm - LEAST_UNDER_MM,
    leastOpeningMm: 0,
    mostOpeningMm: backMm - MOST_UNDER_MM - 2 * LEAST_LAND_MM,
    leastRecessMm: 0,
    aimOuterMm: backMm - LEAST_UNDER_MM,
    aimOpeningMm: backMm - MOST_UNDER_MM - 2 * LEAST_LAND_MM,
  }
  const pushers = dies.filter(({ role }) => role === 'pusher')
  const choices = pushers
    .filter((die) => within(die.outerDiameterMm, wanted.leastOuterMm, wanted.mostOuterMm))
    .sort(
      (a, b) =>
        Number(isMetal(a.material)) - Number(isMetal(b.material)) ||
        // Recessed in the middle it bears on the rim alone.
        Number(b.openingMm > 0) - Number(a.openingMm > 0) ||
        b.outerDiameterMm - a.outerDiameterMm ||
        a.id - b.id,
    )
    .map((die) => ({
      die,
      reasons: [
        `${formatMm(backMm - die.outerDiameterMm, 0.1)} under the ${formatMm(backMm, 0.1)} back, so it bears on its rim`,
        ...dishes(pushers, wanted.leastOuterMm),
        faceReason(die, 'back'),
      ],
    }))
  return dieOutcome(choices, wanted, nearestByOuter(pushers, wanted.mostOuterMm), pusherWhy(pushers, wanted))
}

export interface SnappedCase {
  readonly crystalMm: number
  /** rise of the top from edge to centre, mm */
  readonly domeMm: number
  readonly caseDiameterMm: number
}

/**
 * Support under a head that lies face down while its back is snapped on: clear of the glass, bearing on bezel or case.
 * @source opening larger than the crystal by 1: common practice; depth from memory
 */
export function snapBackSupport(
  dies: readonly Die[],
  { crystalMm, domeMm, caseDiameterMm }: SnappedCase,
): DieOutcome {
  const leastOpeningMm = crystalMm + CLEAR_OF_CRYSTAL_MM
  const leastRecessMm = domeMm > 0 ? domeMm + DOME_ROOM_MM : 0
  const wanted: DieOutline = {
    leastOuterMm: leastOpeningMm + 2 * LEAST_LAND_MM,
    mostOuterMm: caseDiameterMm,
    leastOpeningMm,
    mostOpeningMm: caseDiameterMm - 2 * LEAST_LAND_MM,
    leastRecessMm,
    aimOuterMm: caseDiameterMm,
    aimOpeningMm: leastOpeningMm,
  }
  const supports = dies.filter(({ role }) => role === 'support')
  const choices = supports
    .filter(
      (die) =>
        within(die.openingMm, leastOpeningMm, wanted.mostOpeningMm) &&
        reaches(die.recessDepthMm, leastRecessMm) &&
        reaches(caseDiameterMm, die.outerDiameterMm),
    )
    .sort(
      (a, b) =>
        Number(isMetal(a.material)) - Number(isMetal(b.material)) || a.openingMm - b.openingMm || a.id - b.id,
    )
    .map((die) => ({
      die,
      reasons: [
        `opening ${formatMm(die.openingMm, 0.1)} clears the ${formatMm(crystalMm, 0.1)} crystal, so it bears on the case`,
        faceReason(die, 'case'),
      ],
    }))
  const depth = leastRecessMm > 0 ? `, at least ${formatMm(leastRecessMm, 0.1)} deep` : ''
  const why = `A ring with an opening of ${formatMm(leastOpeningMm, 0.1)}–${formatMm(wanted.mostOpeningMm, 0.1)}${depth} would do: on the glass it breaks it.`
  return dieOutcome(choices, wanted, nearestByOuter(supports, caseDiameterMm), why)
}

/** The largest pusher that is too small, named: it is the one a hand goes for. */
function dishes(pushers: readonly Die[], leastOuterMm: number): string[] {
  const small = pushers
    .filter((die) => !reaches(die.outerDiameterMm, leastOuterMm))
    .sort((a, b) => b.outerDiameterMm - a.outerDiameterMm)[0]
  return small ? [`${small.code} and smaller would dish it`] : []
}

function pusherWhy(pushers: readonly Die[], { leastOuterMm, mostOuterMm }: DieOutline): string {
  return [
    `A face of ${formatMm(leastOuterMm, 0.1)}–${formatMm(mostOuterMm, 0.1)} would do`,
    ...dishes(pushers, leastOuterMm),
  ].join('; ')
}
