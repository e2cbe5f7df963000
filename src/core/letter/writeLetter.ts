import { addMonths } from 'date-fns'
import type { TrayCase } from '../tray/trayCase'
import type { LetterRecords } from './draftLetter'
import { draftLetter } from './draftLetter'
import type { DraftLine, LetterLine, LetterPart, OwnerLetter, OwnerWords } from './OwnerLetter'
import { LETTER_PARTS, LETTER_TITLES, OWN_LINE } from './OwnerLetter'

/** What the letter knows beside the case. */
export interface LetterBeside extends LetterRecords {
  /** “Harrowmere Deckwatch 38” */
  readonly caseName: string
  /** nothing stands between the tray and its owner */
  readonly ready: boolean
  /** a day in the shop's own way, of an ISO time */
  readonly dayText: (iso: string) => string
}

/** What an owner is told: drafted from the record, each line as the technician worded it. */
export function writeLetter(opened: TrayCase, beside: LetterBeside, now: Date): OwnerLetter {
  const { ownerWords } = opened.kept
  const draft = draftLetter(opened, beside)
  const parts = LETTER_PARTS.map((id): LetterPart => {
    const lines = draft[id].map((one) => worded(one, ownerWords))
    return {
      id,
      title: LETTER_TITLES[id],
      lines: id === 'found' ? [...lines, ...ownLine(ownerWords)] : lines,
    }
  })
  const nextSealAt = sealDue(opened, now)
  return { parts, nextSealAt, message: messageOf(parts, nextSealAt, beside) }
}

function worded({ key, words }: DraftLine, said: OwnerWords): LetterLine {
  const own = Object.hasOwn(said, key) ? said[key] : undefined
  return { key, drafted: words, words: own ? own : words, leftOut: own === '' }
}

function ownLine(said: OwnerWords): LetterLine[] {
  const words = Object.hasOwn(said, OWN_LINE) ? (said[OWN_LINE] ?? '') : ''
  return words === '' ? [] : [{ key: OWN_LINE, drafted: '', words, leftOut: false }]
}

/** When its seals are to be looked at again: so long after they were seen to, or after it was found tight. */
function sealDue(opened: TrayCase, now: Date): string | null {
  const { kept, dryTest, rules, trail } = opened
  const resealed = trail.some(({ part, renewed }) => part === 'back-seal' && renewed > 0)
  if (dryTest?.judged.verdict === 'fail' || (!resealed && !dryTest?.isTight)) return null
  const from = kept.tray.finishedAt ?? now
  return addMonths(from, rules.policy.care.sealMonths[kept.tray.use]).toISOString()
}

/** Short enough for a phone. */
function messageOf(
  parts: readonly LetterPart[],
  nextSealAt: string | null,
  { caseName, ready, dayText }: LetterBeside,
): string {
  if (!ready) return `${caseName}: still in work. We write as soon as it is ready.`
  const of = (id: LetterPart['id']) =>
    parts
      .filter((part) => part.id === id)
      .flatMap(({ lines }) => lines)
      .filter(({ leftOut }) => !leftOut)
      .map(({ words }) => words)
  const [test] = of('tested')
  return [
    `${caseName} is ready.`,
    ...of('done').slice(0, MOST_DONE),
    ...(test ? [test] : []),
    ...(nextSealAt === null ? [] : [`Seals to be looked at by ${dayText(nextSealAt)}.`]),
  ].join(' ')
}

/** Lines of the work in a message. */
const MOST_DONE = 2
