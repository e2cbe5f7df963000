import type { Store } from '@/data/client'
import { trayByItsNumber } from '@/services/tray/trayPages'
import type { TrayView } from '@/services/tray/trayView'

/** The page of a tray that has to be there. */
export async function trayThere({ db }: Pick<Store, 'db'>, number: number): Promise<TrayView> {
  const view = await trayByItsNumber(db, number)
  if (!view) throw new Error(`tray ${number} is not there`)
  return view
}
