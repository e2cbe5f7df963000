import type { StockCrystal } from '../fit/parts'
import type { TestPressure } from '../intake/waterClass'
import type { CircularPlate } from './circularPlate'
import { bendingUnderPressure } from './circularPlate'
import { PLATE_MATERIALS } from './plateMaterials'
import type { StrengthPolicy } from './strengthPolicy'

const MPA_PER_BAR = 0.1
/** Deflection over thickness past which small-deflection theory overstates. */
const LARGE_DEFLECTION = 0.5

/** What of a crystal bears a load. */
export type Plate = Pick<
  StockCrystal,
  'diameterMm' | 'edgeThicknessMm' | 'centreThicknessMm' | 'material' | 'profile'
>

/** What pressure does to a crystal, by plate theory. */
export interface PlateUnderPressure {
  readonly pressureBar: number
  /** rim resting freely, and rim held fast: a gasketed crystal lies between, judged by the first */
  readonly freeStressMPa: number
  readonly heldStressMPa: number
  /** of the middle, inward, rim resting freely, mm */
  readonly deflectionMm: number
  /** weak end of the material's strength over the free stress */
  readonly factor: number
  /** true where the plate bends so far that theory overstates stress and deflection */
  readonly overstated: boolean
}

/** A crystal as a flat plate of its thinner thickness. A dome is stronger than this says. */
export function plateOf({ diameterMm, edgeThicknessMm, centreThicknessMm, material }: Plate): CircularPlate {
  return {
    radiusMm: diameterMm / 2,
    thicknessMm: Math.min(edgeThicknessMm, centreThicknessMm),
    ...PLATE_MATERIALS[material],
  }
}

/** What pressure does to a crystal: a guide, never a rating. */
export function underPressure(
  crystal: Plate,
  pressureBar: number,
  policy: StrengthPolicy,
): PlateUnderPressure {
  const plate = plateOf(crystal)
  const pressureMPa = pressureBar * MPA_PER_BAR
  const free = bendingUnderPressure(plate, pressureMPa, 'simply-supported')
  const held = bendingUnderPressure(plate, pressureMPa, 'clamped')
  return {
    pressureBar,
    freeStressMPa: free.stressMPa,
    heldStressMPa: held.stressMPa,
    deflectionMm: free.deflectionMm,
    factor: policy.strengthMPa[crystal.material].low / free.stressMPa,
    overstated: free.deflectionMm > LARGE_DEFLECTION * plate.thicknessMm,
  }
}

/**
 * `as-it-was`: no weaker than the crystal that was there, whatever the handbook says of either. `strong`: by the
 * handbook too. `weaker`: than what was there, yet strong by the handbook. `narrow`, `too-thin`: less than the safety
 * wanted, less than the load itself. `blocked`: weaker than what was there, and past the strong end of its material even
 * with its rim held fast.
 */
export type StrengthVerdict = 'strong' | 'as-it-was' | 'weaker' | 'narrow' | 'too-thin' | 'blocked'

export interface StrengthJudgement {
  readonly verdict: StrengthVerdict
  readonly pressure: TestPressure
  readonly found: PlateUnderPressure
  /** the crystal that was there under the same pressure; null where it is not known */
  readonly original: PlateUnderPressure | null
}

/**
 * A factor this share below the original's is still as it was: strength goes by the thickness squared, and the original's
 * is known to half a step of what is stocked, 1.1 read where 1.0 belongs. From memory.
 */
const AS_GOOD = 0.8

/**
 * Judges a crystal against what was there, and by the handbook where it is weaker or nothing is known.
 * @param original - the crystal the case came in with; null where nobody knows it
 * @param pressure - of the class stated; null where none is
 * @returns null where no class loads the crystal
 */
export function judgeStrength(
  crystal: Plate,
  original: Plate | null,
  pressure: TestPressure | null,
  policy: StrengthPolicy,
): StrengthJudgement | null {
  if (pressure === null || pressure.bar < policy.leastJudgedBar) return null
  const found = underPressure(crystal, pressure.bar, policy)
  const before = original && underPressure(original, pressure.bar, policy)
  return { verdict: verdictOf(crystal, found, before, policy), pressure, found, original: before }
}

function verdictOf(
  { material }: Plate,
  { factor, heldStressMPa }: PlateUnderPressure,
  original: PlateUnderPressure | null,
  policy: StrengthPolicy,
): StrengthVerdict {
  const strong = factor >= policy.safetyFactor
  const weaker = original !== null && factor < AS_GOOD * original.factor
  if (weaker) {
    if (heldStressMPa > policy.strengthMPa[material].high) return 'blocked'
    return factor < 1 ? 'too-thin' : 'weaker'
  }
  if (strong) return 'strong'
  if (original !== null) return 'as-it-was'
  return factor < 1 ? 'too-thin' : 'narrow'
}
