import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import type { Db } from '@/data/client'
import { whileNobodyElseStarts } from '@/data/whileNobodyElseStarts'
import { startShopSettings } from '@/data/queries/shopSettings'
import { allInstruments, allPresses, insertInstruments, insertPresses } from '@/data/queries/tools'

/** Gives a shop that has none its settings, and the instruments and presses every bench has, to be corrected in Settings. */
export function startShop(store: Db): Promise<void> {
  return whileNobodyElseStarts(store, giveTools)
}

async function giveTools(db: Db): Promise<void> {
  await startShopSettings(db)
  if ((await allInstruments(db)).length === 0) {
    await insertInstruments(db, [
      { name: 'Caliper', kind: 'caliper', ...TYPICAL_INSTRUMENTS.caliper },
      { name: 'Thickness gauge', kind: 'thickness-gauge', ...TYPICAL_INSTRUMENTS['thickness-gauge'] },
    ])
  }
  if ((await allPresses(db)).length === 0) {
    await insertPresses(db, [
      { name: 'Lever press', kind: 'lever', gauged: false },
      { name: 'Screw press', kind: 'screw', gauged: false },
    ])
  }
}
