import type { WaterClass } from '../intake/waterClass'
import { testPressure } from '../intake/waterClass'
import type { Plate } from './crystalStrength'
import { judgeStrength } from './crystalStrength'
import type { StrengthPolicy } from './strengthPolicy'
import { strengthSentence, strengthWarning } from './strengthWords'

/**
 * What warns of a crystal before its case is put under the pressure of its class: by the very rule that a choice is
 * judged by. Null where nothing does, and where no crystal or class is known.
 */
export function crystalUnderTest(
  { fitted, original }: { readonly fitted: Plate | null; readonly original: Plate | null },
  piece: WaterClass,
  policy: StrengthPolicy,
): string | null {
  const crystal = fitted ?? original
  const strength = crystal && judgeStrength(crystal, original, testPressure(piece), policy)
  if (!strength || strengthWarning(strength) === null) return null
  return strengthSentence(crystal, strength, policy)
}
