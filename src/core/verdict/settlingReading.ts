import type { Estimate } from '../measure/Estimate'
import { fuseEstimates } from '../measure/fuseEstimates'
import { entropyBits } from './askNext'
import { HERMITE } from './hermite'
import type { StepPolicy } from './stepVerdict'
import { stepVerdict } from './stepVerdict'

export interface FurtherReading {
  readonly label: string
  /** standard uncertainty it would have, mm, > 0 */
  readonly uncertaintyMm: number
  readonly minutes: number
}

export interface SettlingReading extends FurtherReading {
  /** doubt it is expected to take away, bits */
  readonly entropyCut: number
  /** chance that the pick would be another step afterwards, 0…1 */
  readonly chanceOfChange: number
}

/** Below this chance of another step a further reading is not worth the time. From memory. */
const CHANGE_WORTH_IT = 0.03

/**
 * The further reading of one dimension that takes most doubt away per minute.
 * @returns null when none would change the step
 * @source expected information of an experiment (Lindley, 1956), Gauss–Hermite quadrature
 */
export function settlingReading(
  reading: Estimate,
  steps: readonly number[],
  policy: StepPolicy,
  possible: readonly FurtherReading[],
): SettlingReading | null {
  const now = stepVerdict(reading, steps, policy)
  const entropy = entropyBits(now.candidates.map((c) => c.probability))
  const ranked = possible.map((further): SettlingReading => {
    const spread = Math.hypot(reading.standardUncertaintyMm, further.uncertaintyMm)
    let [left, change] = [0, 0]
    for (const [node, weight] of HERMITE) {
      const predicted = {
        valueMm: reading.valueMm + node * spread,
        standardUncertaintyMm: further.uncertaintyMm,
      }
      const after = stepVerdict(fuseEstimates([reading, predicted]), steps, policy)
      left += weight * entropyBits(after.candidates.map((c) => c.probability))
      if (after.pick.sizeMm !== now.pick.sizeMm) change += weight
    }
    return { ...further, entropyCut: Math.max(0, entropy - left), chanceOfChange: change }
  })
  const worth = ranked.filter((r) => r.chanceOfChange >= CHANGE_WORTH_IT)
  worth.sort((a, b) => b.entropyCut / b.minutes - a.entropyCut / a.minutes)
  return worth[0] ?? null
}
