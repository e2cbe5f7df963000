import type { Die } from '../../dies/Die'
import type { CrystalMaterial } from '../../fit/parts'
import { stressUnderRing } from '../../plate/circularPlate'
import type { Plate } from '../../plate/crystalStrength'
import { plateOf } from '../../plate/crystalStrength'
import type { StrengthPolicy } from '../../plate/strengthPolicy'

/** A pusher of the shop's, as it would load a crystal. */
export interface LoadingDie {
  readonly dieId: number
  readonly code: string
  readonly diameterMm: number
  readonly stressMPa: number
  readonly isChosen: boolean
  /** stays clear of what it must not touch */
  readonly isClear: boolean
}

/** What a pusher of any diameter does to a crystal: why near the edge, and how near what lies there lets it. */
export interface PusherStress {
  readonly crystalMm: number
  readonly thicknessMm: number
  readonly material: CrystalMaterial
  /** N it is drawn for */
  readonly forceN: number
  readonly isExpected: boolean
  /** from the smallest to the crystal itself */
  readonly curve: readonly { readonly diameterMm: number; readonly stressMPa: number }[]
  readonly dies: readonly LoadingDie[]
  /** bending strength of the material from weak to strong, MPa */
  readonly strength: { readonly lowMPa: number; readonly highMPa: number }
  /** low strength over the safety wanted, MPa */
  readonly safeMPa: number
  /** smallest pusher that stays below it; null where none does */
  readonly leastSafeMm: number | null
  /** from here on a pusher touches what it must not, mm; null where nothing limits it */
  readonly forbiddenFromMm: number | null
}

export interface StressAsked {
  readonly crystal: Plate
  /** N; null where nobody can tell */
  readonly forceN: number | null
  readonly pushers: readonly Die[]
  readonly chosen: Die | null
  readonly forbiddenFromMm: number | null
  readonly strength: StrengthPolicy
}

/** Drawn for this where no force can be told, N. */
const UNIT_FORCE_N = 100
/** Smallest pusher that is drawn, share of the crystal. */
const LEAST_SHARE = 0.3
const CURVE_POINTS = 71

/**
 * The plate's stress over the pusher's diameter, for every die of the set.
 * @source ring on ring, see stressUnderRing; strengths from memory
 */
export function pusherStress(asked: StressAsked): PusherStress {
  const { crystal, pushers, chosen, forbiddenFromMm, strength } = asked
  const plate = plateOf(crystal)
  const forceN = asked.forceN ?? UNIT_FORCE_N
  const stressAt = (diameterMm: number) => stressUnderRing(plate, forceN, diameterMm / 2)
  const leastMm = LEAST_SHARE * crystal.diameterMm
  const curve = Array.from({ length: CURVE_POINTS }, (_, i) => {
    // The last one is the crystal itself, not a bit more.
    const diameterMm =
      i === CURVE_POINTS - 1
        ? crystal.diameterMm
        : leastMm + ((crystal.diameterMm - leastMm) * i) / (CURVE_POINTS - 1)
    return { diameterMm, stressMPa: stressAt(diameterMm) }
  })
  const { low, high } = strength.strengthMPa[crystal.material]
  const safeMPa = low / strength.safetyFactor
  return {
    crystalMm: crystal.diameterMm,
    thicknessMm: plate.thicknessMm,
    material: crystal.material,
    forceN,
    isExpected: asked.forceN !== null,
    curve,
    dies: pushers
      .filter(({ outerDiameterMm: outer }) => outer >= leastMm && outer <= crystal.diameterMm)
      .map((die) => ({
        dieId: die.id,
        code: die.code,
        diameterMm: die.outerDiameterMm,
        stressMPa: stressAt(die.outerDiameterMm),
        isChosen: die.id === chosen?.id,
        isClear: forbiddenFromMm === null || die.outerDiameterMm <= forbiddenFromMm,
      }))
      .sort((a, b) => a.diameterMm - b.diameterMm || a.dieId - b.dieId),
    strength: { lowMPa: low, highMPa: high },
    safeMPa,
    leastSafeMm: curve.find(({ stressMPa }) => stressMPa <= safeMPa)?.diameterMm ?? null,
    forbiddenFromMm,
  }
}

/** Stress of the chosen die; null while none is chosen. */
export function chosenStress({ dies }: PusherStress): LoadingDie | null {
  return dies.find(({ isChosen }) => isChosen) ?? null
}
