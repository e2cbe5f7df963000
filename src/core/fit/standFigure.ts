import { formatSignedMm } from '../units/formatMm'
import type { Candidate } from './Candidate'
import type { CaseFacts } from './CaseFacts'
import type { FitPolicy } from './fitPolicy'
import { rimWord } from './rimWord'

/** How high a crystal stands, as one figure with a word for it. */
export interface StandFigure {
  readonly title: 'Rim' | 'Edge' | 'Height'
  /** mm with its sign: against the rim, or against the old crystal where the joint has no rim to measure by */
  readonly value: string
  readonly word: 'flush' | 'proud' | 'sunk' | 'as old' | 'thicker' | 'thinner' | 'higher' | 'lower'
  readonly good: boolean
}

/** Head of the column that shows how high a crystal stands. */
export const STAND_HEADS: Readonly<Record<CaseFacts['held'], string>> = {
  ring: 'rim',
  neck: 'edge',
  acrylic: 'height',
  cement: 'rim',
}

/** @returns null where neither rim nor old crystal was measured */
export function standFigure(candidate: Candidate, policy: FitPolicy): StandFigure | null {
  const { rimMm, againstOldMm } = candidate.standing
  if (rimMm !== null) {
    const word = rimWord(rimMm, policy)
    return { title: 'Rim', value: formatSignedMm(rimMm), word, good: word === 'flush' }
  }
  if (againstOldMm === null) return null
  const alike = Math.abs(againstOldMm) <= policy.flushMm
  const [title, more, less] =
    candidate.held === 'neck'
      ? (['Edge', 'thicker', 'thinner'] as const)
      : (['Height', 'higher', 'lower'] as const)
  const word = alike ? 'as old' : againstOldMm > 0 ? more : less
  return { title, value: formatSignedMm(againstOldMm), word, good: alike }
}
