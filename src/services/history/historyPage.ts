import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { capital } from '@/core/units/capital'
import type { Db } from '@/data/client'
import { caseSheetById } from '@/data/queries/caseSheets'
import type { HistoryOf } from '@/data/queries/changes'
import { partById } from '@/data/queries/partSearch'
import { trayByNumber } from '@/data/queries/trays'
import type { History } from './historyOf'
import { historyOf } from './historyOf'

export interface HistoryPage extends History {
  /** whose: “tray 1031” */
  readonly whose: string
  readonly back: { readonly href: string; readonly label: string } | null
  /** true where all acts are of one tray */
  readonly isOfTray: boolean
  /** address of the same page with more; null where all is shown */
  readonly older: string | null
}

/** What an address asks for; what is not of its form counts as not said. */
export type HistoryAsked = Readonly<Record<string, string | string[] | undefined>>

interface Subject {
  readonly of: HistoryOf
  readonly whose: string
  readonly back: HistoryPage['back']
}

/** Changes looked at in the beginning, and at most. */
const FIRST = 300
const MOST = 9_600

/**
 * What was done to a tray (`tray`, its number), a case sheet (`sheet`), a part (`part`, its kind, and `id`), the shop's own
 * things (`shop`), or to everything.
 * @returns null where there is no such thing
 */
export async function historyPage(db: Db, asked: HistoryAsked): Promise<HistoryPage | null> {
  const subject = await subjectOf(db, asked)
  if (!subject) return null
  const most = Math.min(MOST, Math.max(FIRST, wholeIn(asked['most']) ?? FIRST))
  const { of, whose, back } = subject
  const history = await historyOf(db, of, most)
  const older = history.isCut && most < MOST ? addressOf(asked, most * 2) : null
  return { ...history, whose, back, isOfTray: of.kind === 'tray', older }
}

async function subjectOf(db: Db, asked: HistoryAsked): Promise<Subject | null> {
  if (asked['tray'] !== undefined) return trayAsked(db, wholeIn(asked['tray']))
  if (asked['sheet'] !== undefined) return sheetAsked(db, wholeIn(asked['sheet']))
  if (asked['part'] !== undefined) return partAsked(db, asked['part'], wholeIn(asked['id']))
  if (asked['shop'] !== undefined)
    return {
      of: { kind: 'shop' },
      whose: 'limits, schools, instruments, presses',
      back: { href: '/settings', label: 'Back to Settings' },
    }
  return { of: { kind: 'everything' }, whose: 'everything in the shop', back: null }
}

async function trayAsked(db: Db, number: number | null): Promise<Subject | null> {
  const row = number === null ? undefined : await trayByNumber(db, number)
  return row
    ? {
        of: { kind: 'tray', id: row.tray.id },
        whose: `tray ${row.tray.number}, ${row.sheet.maker} ${row.sheet.reference}`,
        back: { href: `/trays/${row.tray.number}`, label: 'Back to the tray' },
      }
    : null
}

async function sheetAsked(db: Db, id: number | null): Promise<Subject | null> {
  const sheet = id === null ? undefined : await caseSheetById(db, id)
  return sheet
    ? {
        of: { kind: 'sheet', id: sheet.id },
        whose: `case sheet ${sheet.maker} ${sheet.reference}`,
        back: { href: `/sheets/${sheet.id}`, label: 'Back to the sheet' },
      }
    : null
}

async function partAsked(db: Db, given: unknown, id: number | null): Promise<Subject | null> {
  const part = PART_KINDS.find((known) => known === given)
  const row = part && id !== null ? await partById(db, part, id) : null
  return part && row
    ? {
        of: { kind: 'part', part, id: row.id },
        whose: `${PARTS[part].one} ${row.code}`,
        back: { href: `/drawers?kind=${part}`, label: `Back to ${capital(PARTS[part].many)}` },
      }
    : null
}

/** A whole number the database holds; null where none is said. */
function wholeIn(given: unknown): number | null {
  return typeof given === 'string' && /^\d{1,9}$/.test(given) ? Number(given) : null
}

function addressOf(asked: HistoryAsked, most: number): string {
  const kept = Object.entries(asked).filter(
    (entry): entry is [string, string] => typeof entry[1] === 'string' && entry[0] !== 'most',
  )
  return `/history?${new URLSearchParams([...kept, ['most', String(most)]]).toString()}`
}
