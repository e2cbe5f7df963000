import type { Db } from '@/data/client'
import { takeReading } from '@/services/tray/takeReading'
import type { TrayView } from '@/services/tray/trayView'

/** Types a figure at the first place of a tray's bore, with its first instrument. */
export function readBore(db: Db, { tray, instruments }: TrayView, text: string, now: Date) {
  return takeReading(
    db,
    {
      trayId: tray.id,
      dimension: 'bore',
      placeIndex: 0,
      text,
      instrumentId: instruments[0]?.id,
      source: 'typed',
      confirmed: false,
    },
    now,
  )
}
