import type { ChangeKind } from '@/core/tray/changeAllowed'
import { objectionTo } from '@/core/tray/changeAllowed'
import { CHANGED_ELSEWHERE, isStale } from '@/core/tray/staleness'
import type { Db } from '@/data/client'
import type { TrayRow } from '@/data/queries/trays'
import { changesByPage, claimKey, keptOf } from '@/data/queries/sentChanges'
import { claimRevision, trayById, TRAY_ROW_TABLES } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import type { SentChange } from '../sentOnce'
import { changeSent } from '../sentOnce'
import type { OpenedCase } from './openTrayCases'
import { caseFrom } from './openTrayCases'
import { remember, rememberedTray } from './rememberedTrays'
import { trayAnswers } from './trayAnswers'
import type { Written } from '@/data/watchWrites'
import { watchWrites } from '@/data/watchWrites'
import { transact } from '@/data/transact'

export const TRAY_GONE = 'This tray is not there any more: go back to the list.'
const BUSY = 'This tray is being changed from elsewhere again and again: look at it, then try once more.'

/** A change of a tray: what is written, or why it cannot be. */
export type TrayWrite = (tx: Db, opened: OpenedCase) => Promise<Refusal | null>

export type ChangeOutcome = { ok: true; opened: OpenedCase } | Refusal

/** How often a change starts anew because another one came first. */
const ATTEMPTS = 10

/**
 * Changes a tray: reads its case, asks whether the change is allowed as the case stands, writes it in one transaction
 * and gives the case as it is now. Whatever alters a tray goes through here.
 * A change judged by a case that was no longer so is judged anew: every write claims the next revision of its tray.
 * For the same reason nothing but what the write itself touched has to be read again after it.
 * A change sent once more under its key is not stored once more: its answer is the case as it is by now.
 * @param write - returns a refusal, or null when it was stored; a refusal undoes what it wrote
 */
export async function changeTray(
  db: Db,
  trayId: number,
  write: TrayWrite,
  kind: ChangeKind = 'work',
): Promise<ChangeOutcome> {
  const sent = changeSent()
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    const read = await rememberedTray(db, { id: trayId })
    if (!read) return refuse(TRAY_GONE)
    const { stamp, row, answers } = read
    const objection = objectionTo(kind, row.tray)
    if (objection !== null) {
      // Sent once more, what ended the work on a tray is not against its being ended.
      const sentBefore = sent !== null && (await keptOf(db, sent.key)) !== undefined
      return sentBefore ? { ok: true, opened: caseFrom(row, answers) } : refuse(objection)
    }
    if (kind !== 'work' && (await isSeenNoMore(db, row, sent))) return refuse(CHANGED_ELSEWHERE, STALE)
    const outcome = await writeTo(db, caseFrom(row, answers), write, sent)
    if (outcome === 'outrun') continue
    if (outcome === 'sent-before') return { ok: true, opened: caseFrom(row, answers) }
    if ('ok' in outcome) return outcome
    const changed = await rowAfter(db, row, outcome)
    if (!changed) return refuse(TRAY_GONE)
    const after = await trayAnswers(db, [changed], { answers, stale: ({ from }) => outcome.anyOf(from) })
    remember(db, {
      stamp: { ...stamp, revision: changed.tray.revision },
      row: changed,
      answers: after,
    })
    return { ok: true, opened: caseFrom(changed, after) }
  }
  return refuse(BUSY)
}

/** The field under which it is said that a tray is another one than the page shows. */
export const STALE = 'stale'

/** True where somebody else changed the tray since the page that sends a change last saw it. */
async function isSeenNoMore(db: Db, { tray }: TrayRow, sent: SentChange | null): Promise<boolean> {
  const seen = sent?.seen
  if (!seen || tray.revision === seen.revision) return false
  // What was stored under its key already is no new change.
  if (await keptOf(db, sent.key)) return false
  return isStale(seen, tray.revision, await changesByPage(db, tray.id, seen.page, seen.revision))
}

/** Ends a transaction, so that nothing of it is kept. */
class Undone extends Error {
  constructor(readonly outcome: Refusal | 'outrun' | 'sent-before') {
    super('undone')
  }
}

async function writeTo(
  db: Db,
  opened: OpenedCase,
  write: TrayWrite,
  sent: SentChange | null,
): Promise<Refusal | 'outrun' | 'sent-before' | Written> {
  const { id, revision } = opened.kept.tray
  try {
    return await transact(db, async (tx) => {
      if (!(await claimRevision(tx, id, revision))) throw new Undone('outrun')
      const change = sent && { trayId: id, page: sent.seen?.page ?? null, revision: revision + 1 }
      if (sent && !(await claimKey(tx, sent.key, change))) throw new Undone('sent-before')
      const watched = watchWrites(tx)
      const refusal = await write(watched.db, opened)
      if (refusal) throw new Undone(refusal)
      return watched.written
    })
  } catch (error) {
    if (error instanceof Undone) return error.outcome
    throw error
  }
}

/** A tray's row after a change that claimed its next revision. */
async function rowAfter(
  db: Db,
  { tray, ...others }: TrayRow,
  written: Written,
): Promise<TrayRow | undefined> {
  return written.anyOf(TRAY_ROW_TABLES)
    ? trayById(db, tray.id)
    : { tray: { ...tray, revision: tray.revision + 1 }, ...others }
}
