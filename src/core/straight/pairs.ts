/** What is looked at for standing straight, and what it is to stand straight to. Common practice. */
export const STRAIGHT_PAIRS = [
  'insert-dial',
  'insert-bezel',
  'bezel-case',
  'chapter-dial',
  'magnifier-date',
  'hands-dial',
] as const
export type StraightPair = (typeof STRAIGHT_PAIRS)[number]

interface PairWords {
  /** “insert against dial” */
  readonly label: string
  /** true where the dial, held by the stem, is what it is set to */
  readonly byDial: boolean
  /** true where it has ticks all round: a turn is told from a shift */
  readonly isRing: boolean
}

export const PAIR_WORDS: Readonly<Record<StraightPair, PairWords>> = {
  'insert-dial': { label: 'insert against dial', byDial: true, isRing: true },
  'insert-bezel': { label: 'insert against bezel', byDial: false, isRing: true },
  'bezel-case': { label: 'bezel against case', byDial: false, isRing: true },
  'chapter-dial': { label: 'chapter ring against dial', byDial: true, isRing: true },
  'magnifier-date': { label: 'magnifier against date', byDial: false, isRing: false },
  'hands-dial': { label: 'hands against dial', byDial: false, isRing: false },
}
