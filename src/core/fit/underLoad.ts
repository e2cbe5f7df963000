import type { TestPressure } from '../intake/waterClass'
import { deflectionAtMm } from '../plate/circularPlate'
import type { Plate, StrengthJudgement } from '../plate/crystalStrength'
import { judgeStrength, plateOf } from '../plate/crystalStrength'
import type { StrengthPolicy } from '../plate/strengthPolicy'
import { strengthRefusal, strengthSentence, strengthWarning } from '../plate/strengthWords'
import { formatMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { CrystalSeat } from './CrystalSeat'
import type { HandRoom, Underside } from './handClearance'
import { lowest, nearPlaces } from './handClearance'

/** A crystal as it bears pressure and comes near the hands. */
export type LoadedCrystal = Plate & Underside

/** The least room to the hands while pressure bends the crystal inward. */
export interface RoomUnderLoad {
  /** mm; negative means it touches */
  readonly clearanceMm: number
  /** “the minute hand’s tip” */
  readonly at: string
}

/** What the class's pressure does to a crystal in this case. */
export interface UnderLoad {
  readonly strength: StrengthJudgement
  /** null where the hands were never measured */
  readonly hands: RoomUnderLoad | null
  /** true where the crystal would touch the hands and the one that was there would not */
  readonly touches: boolean
}

const MPA_PER_BAR = 0.1

/** The least room to the hands under a pressure, over every place that is known; null where the hands were never measured. */
export function roomUnderLoad(
  crystal: LoadedCrystal,
  underEdgeMm: number,
  { handsBelowSeat, ...room }: HandRoom,
  pressureBar: number,
): RoomUnderLoad | null {
  if (!handsBelowSeat) return null
  const plate = plateOf(crystal)
  const places = nearPlaces(crystal, room).map(({ at, fromAxisMm, reachMm }) => ({
    at,
    clearanceMm:
      handsBelowSeat.valueMm +
      underEdgeMm +
      reachMm -
      deflectionAtMm(plate, pressureBar * MPA_PER_BAR, fromAxisMm),
  }))
  return lowest(places, ({ clearanceMm }) => clearanceMm)
}

/**
 * A choice under the pressure of the class stated.
 * @param original - the crystal that was there; null where nobody knows it
 * @returns null where no class loads the crystal
 */
export function underLoad(
  { crystal, standing }: Pick<Candidate, 'crystal' | 'standing'>,
  seat: CrystalSeat,
  original: LoadedCrystal | null,
  pressure: TestPressure | null,
  policy: StrengthPolicy,
): UnderLoad | null {
  const strength = judgeStrength(crystal, original, pressure, policy)
  if (!strength) return null
  const { bar } = strength.pressure
  const hands = roomUnderLoad(crystal, standing.undersideMm, seat, bar)
  const before = original && roomUnderLoad(original, 0, seat, bar)
  const touches = hands !== null && hands.clearanceMm <= 0 && (before === null || before.clearanceMm > 0)
  return { strength, hands, touches }
}

/** What warns of a choice under its class in a few words; null where nothing does. */
export function loadWarning({ strength, hands, touches }: UnderLoad): string | null {
  const touch =
    touches && hands ? `would touch ${hands.at} at ${formatMm(strength.pressure.bar, 0.1)} bar` : null
  return [strengthWarning(strength), touch].filter(Boolean).join('; ') || null
}

/** The same in sentences. */
export function loadSentences(
  crystal: Plate,
  { strength, hands }: UnderLoad,
  policy: StrengthPolicy,
): string[] {
  const room =
    hands &&
    `Under that pressure ${hands.clearanceMm > 0 ? `${formatMm(hands.clearanceMm)} left` : `nothing left, ${formatMm(-hands.clearanceMm)} too little,`} to the hands, least at ${hands.at}.`
  return [strengthSentence(crystal, strength, policy), ...(room ? [room] : [])]
}

/** Why a choice may not go in; null where it may. */
export function loadRefusal(crystal: Plate, load: UnderLoad, policy: StrengthPolicy): string | null {
  return strengthRefusal(crystal, load.strength, policy)
}
