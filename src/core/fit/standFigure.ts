import type { ConstructionWords } from '../construction/Construction'
import { formatSignedMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { FitPolicy } from './fitPolicy'
import { rimWord } from './rimWord'
import { reaches } from '../units/within'

/** How high a crystal stands, as one figure with a word for it. */
export interface StandFigure {
  readonly title: 'Rim' | 'Edge' | 'Height'
  /** mm with its sign: against the rim, or against the old crystal where the joint has no rim to measure by */
  readonly value: string
  readonly word: string
  readonly good: boolean
}

/** @returns null where neither rim nor old crystal was measured */
export function standFigure(
  { standing: { rimMm, againstOldMm } }: Pick<Candidate, 'standing'>,
  { againstOld }: Pick<ConstructionWords, 'againstOld'>,
  policy: FitPolicy,
): StandFigure | null {
  if (rimMm !== null) {
    const word = rimWord(rimMm, policy)
    return { title: 'Rim', value: formatSignedMm(rimMm), word, good: word === 'flush' }
  }
  if (againstOldMm === null) return null
  const alike = reaches(policy.flushMm, Math.abs(againstOldMm))
  const word = alike ? 'as old' : againstOldMm > 0 ? againstOld.more : againstOld.less
  return { title: againstOld.title, value: formatSignedMm(againstOldMm), word, good: alike }
}
