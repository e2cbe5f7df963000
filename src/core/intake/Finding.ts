import type { BackTightness } from './jobWords'
import { BACK_TIGHTNESSES, isTightnessFinding } from './jobWords'

/** What a finding is about. `cannot-repair` is told to the owner in the owner's own words. */
export const FINDING_KINDS = ['cannot-repair', 'back-tightness', 'thread', 'other'] as const
export type FindingKind = (typeof FINDING_KINDS)[number]

export const FINDING_WORDS: Readonly<Record<FindingKind, string>> = {
  'cannot-repair': 'cannot be repaired',
  'back-tightness': 'the back came off',
  thread: 'in thread or lip',
  other: 'also found',
}

export interface Finding {
  readonly id: number
  readonly kind: FindingKind
  /** free words; for `back-tightness` one of its grades */
  readonly words: string
  /** ISO time */
  readonly foundAt: string
}

/** Longest finding, characters. */
export const MOST_FINDING_LENGTH = 300

export function isTightness(words: string): words is BackTightness {
  return BACK_TIGHTNESSES.some((grade) => grade === words)
}

/** True for a back that gave way too easily: its seal is doubtful. */
export function isLooseBack({ kind, words }: Pick<Finding, 'kind' | 'words'>): boolean {
  return kind === 'back-tightness' && isTightness(words) && isTightnessFinding(words)
}
