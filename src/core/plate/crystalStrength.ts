import type { StockCrystal } from '../fit/parts'
import type { WaterClass } from '../intake/jobWords'
import { formatMm } from '../units/formatMm'
import { bendingUnderPressure } from './circularPlate'
import { PLATE_MATERIALS } from './plateMaterials'
import type { StrengthPolicy } from './strengthPolicy'

const MPA_PER_BAR = 0.1
/** Divers' watches are tested at this much of what they state, and state 10 bar at least. Source: ISO 6425. */
const DIVER_OVERPRESSURE = 1.25
const DIVER_BAR = 10
/** Deflection over thickness past which small-deflection theory overstates. */
const LARGE_DEFLECTION = 0.5

/** Pressure a piece of a class must stand, bar; null when no class is stated. */
export function pressureOfClass(waterClass: WaterClass): number | null {
  switch (waterClass) {
    case 'none':
      return null
    case '3-bar':
      return 3
    case '5-bar':
      return 5
    case '10-bar':
      return 10
    case '20-bar':
      return 20
    case 'diver':
      return DIVER_BAR * DIVER_OVERPRESSURE
  }
}

export interface CrystalStrength {
  readonly pressureBar: number
  /** rim resting freely, and rim held fast: a gasketed crystal lies between, judged by the first */
  readonly freeStressMPa: number
  readonly heldStressMPa: number
  readonly deflectionMm: number
  /** weak end of the material's strength over the free stress */
  readonly factor: number
  readonly verdict: 'strong' | 'narrow' | 'too-thin'
  /** true where the plate bends so far that theory overstates stress and deflection */
  readonly overstated: boolean
}

type Shape = Pick<
  StockCrystal,
  'diameterMm' | 'edgeThicknessMm' | 'centreThicknessMm' | 'material' | 'profile'
>

/**
 * What pressure does to a crystal, as a flat plate of its thinner thickness: a guide, never a rating. A dome is
 * stronger than this says.
 */
export function crystalStrength(
  crystal: Shape,
  pressureBar: number,
  policy: StrengthPolicy,
): CrystalStrength {
  const elastic = PLATE_MATERIALS[crystal.material]
  const thicknessMm = Math.min(crystal.edgeThicknessMm, crystal.centreThicknessMm)
  const plate = { radiusMm: crystal.diameterMm / 2, thicknessMm, ...elastic }
  const pressureMPa = pressureBar * MPA_PER_BAR
  const free = bendingUnderPressure(plate, pressureMPa, 'simply-supported')
  const held = bendingUnderPressure(plate, pressureMPa, 'clamped')
  const factor = policy.strengthMPa[crystal.material].low / free.stressMPa
  return {
    pressureBar,
    freeStressMPa: free.stressMPa,
    heldStressMPa: held.stressMPa,
    deflectionMm: free.deflectionMm,
    factor,
    verdict: factor >= policy.safetyFactor ? 'strong' : factor >= 1 ? 'narrow' : 'too-thin',
    overstated: free.deflectionMm > LARGE_DEFLECTION * thicknessMm,
  }
}

/** What warns in a few words where a crystal is too thin for the class stated; null where it is not, or none is judged. */
export function thinWarning(crystal: Shape, waterClass: WaterClass, policy: StrengthPolicy): string | null {
  const pressureBar = pressureOfClass(waterClass)
  if (pressureBar === null || pressureBar < policy.leastWarnedBar) return null
  return crystalStrength(crystal, pressureBar, policy).verdict === 'too-thin'
    ? `too thin for ${formatMm(pressureBar, pressureBar % 1 === 0 ? 1 : 0.1)} bar`
    : null
}

/** The guide in a sentence; nothing where no class is stated, or none that loads the crystal. */
export function strengthSentence(
  crystal: Shape,
  waterClass: WaterClass,
  handClearanceMm: number | null = null,
  policy: StrengthPolicy,
): string | null {
  const pressureBar = pressureOfClass(waterClass)
  if (pressureBar === null || pressureBar < policy.leastJudgedBar) return null
  const found = crystalStrength(crystal, pressureBar, policy)
  const { low, high } = policy.strengthMPa[crystal.material]
  const verdict = {
    strong: 'strong enough',
    narrow: `less than ${policy.safetyFactor} times safe`,
    'too-thin': 'too thin',
  }[found.verdict]
  const honest = [
    found.overstated && 'it bends so far that the plate theory overstates',
    crystal.profile !== 'flat' && 'a dome bears more',
  ].filter(Boolean)
  const left =
    handClearanceMm === null ? '' : `, ${formatMm(handClearanceMm - found.deflectionMm)} left to the hands`
  const limits = honest.length > 0 ? ` (${honest.join('; ')})` : ''
  return `By plate theory ${verdict} for ${formatMm(pressureBar, 0.1)} bar${limits}: ${Math.round(found.heldStressMPa)}–${Math.round(found.freeStressMPa)} MPa in a material that bears ${low}–${high}, ${formatMm(found.deflectionMm)} inward${left}. A guide from memory values, never a rating: a chamber test tells.`
}
