import type { Db } from '@/data/client'
import type { PastStamp } from '@/data/queries/pastStamp'
import { pastStamp } from '@/data/queries/pastStamp'
import type { TrayRow } from '@/data/queries/trays'
import type { TrayAnswers } from './trayAnswers'
import { trayAnswers } from './trayAnswers'

/** Trays whose answers are remembered: more than a bench has in hand on a day. */
const MOST_TRAYS = 64

/** What was read of a tray, and of which state. */
export interface Remembered {
  readonly revision: number
  readonly sheetId: number
  readonly past: PastStamp
  readonly answers: TrayAnswers
}

// One memory a database, shared by all routes of this process: they are bundled apart.
const shared = globalThis as unknown as { __whyalonTrays?: WeakMap<Db, Map<number, Remembered>> }

/**
 * What is kept of one tray. Every write of a tray claims its next revision, whichever process writes it: what the tray
 * itself keeps is as it was while its revision is, and is not asked again. So is the past of its case sheet while no
 * other tray of the sheet and no part that went in was written. The rest is asked.
 */
export async function answersOf(db: Db, row: TrayRow): Promise<Remembered> {
  const { tray, sheet } = row
  const known = memoryOf(db).get(tray.id)
  const past = await pastStamp(db, sheet.id, tray.id)
  const sameTray = known?.revision === tray.revision
  const samePast = known?.sheetId === sheet.id && isSamePast(known.past, past)
  const fresh = { anybody: false, tray: sameTray, sheet: samePast } as const
  const before = known && {
    answers: known.answers,
    stale: ({ of }: { of: keyof typeof fresh }) => !fresh[of],
  }
  const answers = await trayAnswers(db, [row], before)
  return remember(db, row, { revision: tray.revision, sheetId: sheet.id, past, answers })
}

function isSamePast(before: PastStamp, now: PastStamp): boolean {
  return before.others === now.others && now.newestPart < before.horizon
}

/** Keeps what was read of a tray for the next who opens it; the tray opened longest ago is let go. */
export function remember(db: Db, { tray: { id } }: TrayRow, read: Remembered): Remembered {
  const memory = memoryOf(db)
  memory.delete(id)
  memory.set(id, read)
  const [longestAgo] = memory.keys()
  if (memory.size > MOST_TRAYS && longestAgo !== undefined) memory.delete(longestAgo)
  return read
}

function memoryOf(db: Db): Map<number, Remembered> {
  const all = (shared.__whyalonTrays ??= new WeakMap())
  const memory = all.get(db) ?? new Map<number, Remembered>()
  all.set(db, memory)
  return memory
}
