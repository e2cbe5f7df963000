import type { Db } from '@/data/client'
import type { TrayRow } from '@/data/queries/trays'
import { trayById } from '@/data/queries/trays'
import type { Refusal } from '../boundary'
import { refuse } from '../boundary'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

export type ViewOutcome = { ok: true; view: TrayView } | Refusal

export const TRAY_GONE = 'This tray is not there any more: go back to the list.'
export const HANDED_BACK = 'This tray was handed back: its record stays as it is.'

/**
 * Runs a change on a tray in hand and gives its new page.
 * @param change - returns a refusal, or null when it was stored
 */
export async function changeTray(
  db: Db,
  trayId: number,
  change: (row: TrayRow) => Promise<Refusal | null>,
): Promise<ViewOutcome> {
  const row = await trayById(db, trayId)
  if (!row) return refuse(TRAY_GONE)
  if (row.tray.finishedAt !== null) return refuse(HANDED_BACK)
  const refusal = await change(row)
  if (refusal) return refusal
  const changed = await trayById(db, trayId)
  return changed ? { ok: true, view: await trayView(db, changed) } : refuse(TRAY_GONE)
}
