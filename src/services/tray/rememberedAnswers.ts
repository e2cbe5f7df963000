import type { Db } from '@/data/client'
import type { TrayRow } from '@/data/queries/trays'
import type { TrayAnswers } from './trayAnswers'
import { trayAnswers } from './trayAnswers'

/** Trays whose answers are remembered: more than a bench has in hand on a day. */
const MOST_TRAYS = 64

interface Remembered {
  readonly revision: number
  readonly answers: TrayAnswers
}

// One memory a database, shared by all routes of this process: they are bundled apart.
const shared = globalThis as unknown as { __whyalonTrays?: WeakMap<Db, Map<number, Remembered>> }

/**
 * What is kept of one tray. Every write of a tray claims its next revision, whichever process writes it: what the tray
 * itself keeps is as it was while its revision is, and is not asked again. The rest is.
 */
export async function answersOf(db: Db, row: TrayRow): Promise<TrayAnswers> {
  const known = memoryOf(db).get(row.tray.id)
  const same = known?.revision === row.tray.revision ? known.answers : undefined
  const answers = await trayAnswers(db, [row], same && { answers: same, stale: ({ ofTray }) => !ofTray })
  remember(db, row, answers)
  return answers
}

/** Keeps what was read of a tray for the next who opens it; the tray opened longest ago is let go. */
export function remember(db: Db, { tray: { id, revision } }: TrayRow, answers: TrayAnswers): void {
  const memory = memoryOf(db)
  memory.delete(id)
  memory.set(id, { revision, answers })
  const [longestAgo] = memory.keys()
  if (memory.size > MOST_TRAYS && longestAgo !== undefined) memory.delete(longestAgo)
}

function memoryOf(db: Db): Map<number, Remembered> {
  const all = (shared.__whyalonTrays ??= new WeakMap())
  const memory = all.get(db) ?? new Map<number, Remembered>()
  all.set(db, memory)
  return memory
}
