import type { ChangeKind } from '@/core/tray/changeAllowed'
import { objectionTo } from '@/core/tray/changeAllowed'
import type { Db } from '@/data/client'
import { claimRevision, trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import type { OpenedCase } from './openTrayCases'
import { openTrayCase } from './openTrayCases'

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
 * @param write - returns a refusal, or null when it was stored; a refusal undoes what it wrote
 */
export async function changeTray(
  db: Db,
  trayId: number,
  write: TrayWrite,
  kind: ChangeKind = 'work',
): Promise<ChangeOutcome> {
  for (let attempt = 0; attempt < ATTEMPTS; attempt++) {
    const row = await trayById(db, trayId)
    if (!row) return refuse(TRAY_GONE)
    const objection = objectionTo(kind, row.tray)
    if (objection !== null) return refuse(objection)
    const opened = await openTrayCase(db, row)
    const outcome = await written(db, opened, write)
    if (outcome === 'outrun') continue
    if (outcome) return outcome
    const changed = await trayById(db, trayId)
    return changed ? { ok: true, opened: await openTrayCase(db, changed) } : refuse(TRAY_GONE)
  }
  return refuse(BUSY)
}

/** Ends a transaction, so that nothing of it is kept. */
class Undone extends Error {
  constructor(readonly outcome: Refusal | 'outrun') {
    super('undone')
  }
}

async function written(db: Db, opened: OpenedCase, write: TrayWrite): Promise<Refusal | 'outrun' | null> {
  const { id, revision } = opened.kept.tray
  try {
    await db.transaction(async (tx) => {
      if (!(await claimRevision(tx, id, revision))) throw new Undone('outrun')
      const refusal = await write(tx, opened)
      if (refusal) throw new Undone(refusal)
    })
    return null
  } catch (error) {
    if (error instanceof Undone) return error.outcome
    throw error
  }
}
