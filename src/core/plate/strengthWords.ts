import { formatMm } from '../units/formatMm'
import type { Plate, PlateUnderPressure, StrengthJudgement, StrengthVerdict } from './crystalStrength'
import type { StrengthPolicy } from './strengthPolicy'

/** How a crystal stands, in two or three words. */
export const STRENGTH_WORDS: Readonly<Record<StrengthVerdict, string>> = {
  strong: 'strong enough',
  'as-it-was': 'as it was',
  weaker: 'weaker than it was',
  narrow: 'little to spare',
  'too-thin': 'too thin',
  blocked: 'would break',
}

/** What warns of a crystal's strength in a few words; null where nothing does. */
export function strengthWarning({ verdict, pressure, original }: StrengthJudgement): string | null {
  const known = original ? '' : ', the old crystal not known'
  const words: Readonly<Record<StrengthVerdict, string | null>> = {
    strong: null,
    'as-it-was': null,
    weaker: 'weaker than the crystal that was there',
    narrow: `little to spare at ${barText(pressure.bar)}${known}`,
    'too-thin': `too thin for ${barText(pressure.bar)}${known}`,
    blocked: `would break at ${barText(pressure.bar)}: weaker than what was there`,
  }
  return words[verdict]
}

/** Why a crystal may not go in, with its figures and what to do; null where it may. */
export function strengthRefusal(
  crystal: Plate,
  judgement: StrengthJudgement,
  policy: StrengthPolicy,
): string | null {
  if (judgement.verdict !== 'blocked') return null
  const { found, original, pressure } = judgement
  const { high } = policy.strengthMPa[crystal.material]
  return `Crystal: weaker than the one that was there (${stresses(original)}), and even with its rim held fast ${Math.round(found.heldStressMPa)} MPa at ${pressure.words} where its material bears at most ${high}. Take a thicker one or a stronger material, or correct the water class at intake.`
}

/** The guide in a sentence: what it was judged on, against what, with its figures. */
export function strengthSentence(
  crystal: Plate,
  judgement: StrengthJudgement,
  policy: StrengthPolicy,
): string {
  const { verdict, pressure, found, original } = judgement
  const { low, high } = policy.strengthMPa[crystal.material]
  const said: Readonly<Record<StrengthVerdict, string>> = {
    strong: 'Strong enough by plate theory',
    'as-it-was': 'As it was: no weaker than the crystal that was there, though thin by plate theory',
    weaker: 'Weaker than the crystal that was there',
    narrow: `Less than ${policy.safetyFactor} times safe by plate theory, the old crystal not known`,
    'too-thin': original
      ? 'Weaker than the crystal that was there, and too thin by plate theory'
      : 'Too thin by plate theory, the old crystal not known',
    blocked: 'Would break by plate theory, and weaker than the crystal that was there',
  }
  const honest = [
    found.overstated && 'it bends so far that the plate theory overstates',
    crystal.profile !== 'flat' && 'a dome bears more',
  ].filter(Boolean)
  const limits = honest.length > 0 ? ` (${honest.join('; ')})` : ''
  const was = original && verdict !== 'strong' ? `; the old one ${stresses(original)}` : ''
  return `${said[verdict]} at ${pressure.words}${limits}: ${stresses(found)} in a material that bears ${low}–${high}${was}; ${formatMm(found.deflectionMm)} inward. A guide from memory values, never a rating: a chamber test tells.`
}

function stresses(plate: PlateUnderPressure | null): string {
  return plate ? `${Math.round(plate.heldStressMPa)}–${Math.round(plate.freeStressMPa)} MPa` : ''
}

function barText(bar: number): string {
  return `${formatMm(bar, Number.isInteger(bar) ? 1 : 0.1)} bar`
}
