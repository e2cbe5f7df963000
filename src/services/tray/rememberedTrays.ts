import type { Db } from '@/data/client'
import type { TrayRow } from '@/data/queries/trays'
import { trayById } from '@/data/queries/trays'
import type { TrayKey, TrayStamp } from '@/data/queries/trayStamp'
import { trayStamp } from '@/data/queries/trayStamp'
import type { RestsOn, TrayAnswers } from './trayAnswers'
import { trayAnswers } from './trayAnswers'

/** Trays that are remembered: more than a bench has in hand on a day. */
const MOST_TRAYS = 64

/** What was read of a tray, and of which state. */
export interface Remembered {
  readonly stamp: TrayStamp
  readonly row: TrayRow
  readonly answers: TrayAnswers
}

// One memory a database, shared by all routes of this process: they are bundled apart.
const shared = globalThis as unknown as { __whyalonTrays?: WeakMap<Db, Map<number, Remembered>> }

/**
 * What is kept of one tray, as it is now: whatever its stamp shows to be as it was is not asked again, whichever process
 * wrote the rest.
 * @returns undefined when there is no such tray
 */
export async function rememberedTray(db: Db, key: TrayKey): Promise<Remembered | undefined> {
  const stamp = await trayStamp(db, key)
  if (!stamp) return undefined
  const known = memoryOf(db).get(stamp.trayId)
  const same = known ? sameSince(known.stamp, stamp) : NOTHING
  const row = known && same.row ? known.row : await trayById(db, stamp.trayId)
  if (!row) return undefined
  const before = known && {
    answers: known.answers,
    stale: ({ restsOn }: { restsOn: readonly RestsOn[] }) => restsOn.some((base) => !same[base]),
  }
  return remember(db, { stamp, row, answers: await trayAnswers(db, [row], before) })
}

type Same = Readonly<Record<RestsOn | 'row', boolean>>

const NOTHING: Same = { row: false, tray: false, sheet: false, parts: false, shop: false }

/** What is as it was when the earlier stamp was taken. */
function sameSince(before: TrayStamp, now: TrayStamp): Same {
  const tray = before.revision === now.revision
  const intake = before.intake === now.intake
  return {
    row: tray && intake,
    tray,
    sheet: intake && before.others === now.others,
    parts: now.newestPart < before.horizon,
    shop: before.shop === now.shop,
  }
}

/** Keeps what was read of a tray for the next who opens it; the tray opened longest ago is let go. */
export function remember(db: Db, read: Remembered): Remembered {
  const memory = memoryOf(db)
  memory.delete(read.stamp.trayId)
  memory.set(read.stamp.trayId, read)
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
