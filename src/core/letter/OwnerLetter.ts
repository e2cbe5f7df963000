/** Parts of what an owner is told, in the order they are read. */
export const LETTER_PARTS = ['came-in', 'found', 'done', 'tested', 'not-done', 'care'] as const
export type LetterPartId = (typeof LETTER_PARTS)[number]

export const LETTER_TITLES: Readonly<Record<LetterPartId, string>> = {
  'came-in': 'How it came in',
  found: 'What we found',
  done: 'What was done',
  tested: 'How it was tested',
  'not-done': 'What was not done',
  care: 'Care',
}

/** What a shop wrote instead of what was drafted, by the key of its line; empty where a line is left out. */
export type OwnerWords = Readonly<Record<string, string>>

/** A line a shop adds of its own. */
export const OWN_LINE = 'own'

/** Longest line for an owner, characters. */
export const MOST_LINE_LENGTH = 400

/** A line as it is drafted from the record. */
export interface DraftLine {
  readonly key: string
  readonly words: string
}

export interface LetterLine extends DraftLine {
  /** what the record says; the same as `words` while nobody wrote otherwise */
  readonly drafted: string
  readonly leftOut: boolean
}

export interface LetterPart {
  readonly id: LetterPartId
  readonly title: string
  readonly lines: readonly LetterLine[]
}

/** What an owner is told: drafted from the record, worded by the technician. */
export interface OwnerLetter {
  readonly parts: readonly LetterPart[]
  /** ISO time by which its seals are to be looked at; null where nothing of them was seen to */
  readonly nextSealAt: string | null
  /** for a phone */
  readonly message: string
}
