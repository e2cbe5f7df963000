import type { ChangeKind } from '@/core/tray/changeAllowed'
import type { Db } from '@/data/client'
import type { Action, Check } from '../action'
import { action } from '../action'
import type { Refusal } from '../boundary'
import { changeTray } from './changeTray'
import type { OpenedCase } from './openTrayCases'
import type { TrayView } from './trayView'
import { trayView } from './trayView'

/** A tray's page after a change. */
export interface Changed {
  readonly ok: true
  readonly view: TrayView
}

/** Declares a change of a tray, see changeTray. Its answer is the tray's page as it is then. */
export function trayChange<Checked extends { readonly trayId: number }, Sent = Checked>(
  check: Check<Checked>,
  write: (tx: Db, input: Checked, opened: OpenedCase, now: Date) => Promise<Refusal | null>,
  kind: ChangeKind | ((input: Checked) => ChangeKind) = 'work',
): Action<Sent, Changed> {
  return action<Checked, Changed, Sent>(check, async (db, input, now) => {
    const does = typeof kind === 'function' ? kind(input) : kind
    const changed = await changeTray(db, input.trayId, (tx, opened) => write(tx, input, opened, now), does)
    return changed.ok ? { ok: true, view: await trayView(db, changed.opened) } : changed
  })
}
