import { formatMm } from '../units/formatMm'
import type { Die } from './Die'
import { isMetal } from './Die'
import type { DieOutcome, DieOutline } from './pressInDies'
import { dieOutcome, faceReason, nearestByOuter } from './pressInDies'
import { reaches } from '../units/within'

/** A bezel die's opening is at least this much larger than the crystal, mm. Common practice. */
const CLEAR_OF_CRYSTAL_MM = 0.5
/** Least width of the ring that bears on the bezel, mm. From memory. */
const LEAST_LAND_MM = 0.4
/** Room over a dome inside the die, mm. From memory. */
const DOME_ROOM_MM = 0.3

export interface PressedBezel {
  readonly crystalMm: number
  readonly bezelOuterMm: number
  /** how far the crystal stands above the bezel's face, mm */
  readonly crystalAboveMm: number
}

/**
 * Die that presses a bezel on and touches nothing else: hollow, its opening larger than the crystal.
 * @source bears between crystal OD + 0.5 and bezel OD: common practice
 */
export function bezelPusher(dies: readonly Die[], bezel: PressedBezel): DieOutcome {
  const leastOpeningMm = bezel.crystalMm + CLEAR_OF_CRYSTAL_MM
  const leastRecessMm = bezel.crystalAboveMm > 0 ? bezel.crystalAboveMm + DOME_ROOM_MM : 0
  const wanted: DieOutline = {
    leastOuterMm: leastOpeningMm + 2 * LEAST_LAND_MM,
    mostOuterMm: bezel.bezelOuterMm,
    leastOpeningMm,
    mostOpeningMm: bezel.bezelOuterMm - 2 * LEAST_LAND_MM,
    leastRecessMm,
    aimOuterMm: bezel.bezelOuterMm,
    aimOpeningMm: leastOpeningMm,
  }
  const pushers = dies.filter(({ role }) => role === 'pusher')
  const bears = (die: Die) => Math.min(die.outerDiameterMm, bezel.bezelOuterMm) - die.openingMm
  const choices = pushers
    .filter(
      (die) =>
        reaches(die.openingMm, leastOpeningMm) &&
        reaches(bears(die), 2 * LEAST_LAND_MM) &&
        reaches(die.recessDepthMm, leastRecessMm),
    )
    .sort(
      (a, b) =>
        Number(isMetal(a.material)) - Number(isMetal(b.material)) || bears(b) - bears(a) || a.id - b.id,
    )
    .map((die) => ({
      die,
      reasons: [
        `opening ${formatMm(die.openingMm, 0.1)} clears the ${formatMm(bezel.crystalMm, 0.1)} crystal, so it bears on the bezel only`,
        faceReason(die, 'bezel'),
      ],
    }))
  const why = `A ring with an opening of ${formatMm(leastOpeningMm, 0.1)}–${formatMm(wanted.mostOpeningMm, 0.1)}${leastRecessMm > 0 ? `, at least ${formatMm(leastRecessMm, 0.1)} deep,` : ''} would do: pressed on the crystal it breaks it.`
  return dieOutcome(choices, wanted, nearestByOuter(pushers, wanted.mostOuterMm), why)
}
