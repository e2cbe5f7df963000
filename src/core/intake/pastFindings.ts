import type { Finding } from './Finding'
import { FINDING_WORDS, isLooseBack, isTightness } from './Finding'

/** A finding on an earlier piece of the same case. */
export interface EarlierFinding extends Pick<Finding, 'kind' | 'words'> {
  readonly trayNumber: number
}

/** What was found on earlier pieces of a case, in words, with the trays that say so, the newest first. */
export interface PastFinding {
  readonly words: string
  readonly trays: readonly number[]
}

/** More lines than this nobody reads at intake. */
const MOST_TOLD = 5

/**
 * What earlier pieces of the same case say of this one: where dirt sits, whose back gives way. What cannot be repaired,
 * and a back that came off as it should, is of that piece alone.
 * @param found - findings of trays handed back, the newest first
 */
export function pastFindings(found: readonly EarlierFinding[]): PastFinding[] {
  const told = found.filter(
    (one) => one.kind !== 'cannot-repair' && (one.kind !== 'back-tightness' || isLooseBack(one)),
  )
  const byWords = new Map<string, number[]>()
  for (const one of told) {
    const words = inWords(one)
    const trays = byWords.get(words) ?? []
    if (!trays.includes(one.trayNumber)) trays.push(one.trayNumber)
    byWords.set(words, trays)
  }
  return [...byWords]
    .map(([words, trays]) => ({ words, trays }))
    .sort((a, b) => b.trays.length - a.trays.length)
    .slice(0, MOST_TOLD)
}

function inWords({ kind, words }: EarlierFinding): string {
  const said = isTightness(words) ? words.replaceAll('-', ' ') : words
  return `${FINDING_WORDS[kind]}: ${said}`
}
