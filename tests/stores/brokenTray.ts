import { addDays } from 'date-fns'

import { CASE_KINDS } from '@/core/construction/caseKinds'
import type { Db } from '@/data/client'
import { trayByItsNumber } from '@/services/tray/trayPages'
import { openTray } from '@/services/tray/openTray'
import type { TrayView } from '@/services/tray/trayView'

/** Opens a tray of a case never seen, its crystal in pieces. */
export async function openBrokenTray(db: Db, reference: string, now: Date): Promise<TrayView> {
  const { label, classBar: _, diver, use, ...sheet } = CASE_KINDS.everyday
  const opened = await openTray(
    db,
    {
      newSheet: { ...sheet, maker: 'Vessalin', reference },
      fields: {
        owner: 'Tove Rask',
        // By the caller's clock: some callers have the machine's, which no written day stays ahead of.
        dueAt: `${addDays(now, 7).toISOString().slice(0, 10)}T16:00:00.000Z`,
        asked: 'crystal',
        crystalState: 'shattered',
        // So that what is thin is said to be.
        classBar: 5,
        diver,
        use,
        gasketPresent: true,
      },
    },
    now,
  )
  if (!opened.ok) throw new Error(JSON.stringify(opened.errors))
  const view = await trayByItsNumber(db, opened.number)
  if (!view) throw new Error('not there')
  return view
}
