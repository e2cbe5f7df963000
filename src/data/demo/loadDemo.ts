import { seededRandom } from '@/devices/seededRandom'
import type { Db } from '../client'
import { insertCaseSheets } from '../queries/caseSheets'
import { allCrystals, allGaskets, insertCrystals, insertGaskets } from '../queries/stock'
import {
  insertBezels,
  insertChapterRings,
  insertDies,
  insertInserts,
  insertORings,
  insertSupplies,
} from '../queries/otherParts'
import { changeShopSettings } from '../queries/shopSettings'
import { insertTesters } from '../queries/dryRecords'
import { insertInstruments, insertPresses } from '../queries/tools'
import { highestTrayNumber, insertOwners } from '../queries/trays'
import { whileNobodyElseStarts } from '../whileNobodyElseStarts'
import { DEMO_CASE_SHEETS } from './demoCaseSheets'
import { demoCrystals, demoDies, demoGaskets } from './demoStock'
import { DEMO_BEZELS, DEMO_CHAPTER_RINGS, DEMO_INSERTS } from './demoBezelParts'
import { DEMO_O_RINGS, DEMO_SUPPLIES } from './demoOtherParts'
import { DEMO_TRAYS } from './demoTrays'
import { demoHistory } from './demoHistory'
import { demoInstruments } from './demoInstruments'
import { known } from './known'
import type { DemoWorld } from './DemoWorld'
import { playTray } from './playTray'

const SEED = 1908
export const OPENING_HOUR = 9

/**
 * Fills an empty database with the invented bench of the Skerrow Ferry Line: the same world for the same day.
 * @param day - midnight of the day the demo plays on
 * @param openingHour - hour at which trays are opened: five hours of work lie after it
 * @returns false when there are trays already: nothing is touched then
 */
export function loadDemo(store: Db, day: Date, openingHour = OPENING_HOUR): Promise<boolean> {
  return whileNobodyElseStarts(store, async (db) => {
    if ((await highestTrayNumber(db)) !== null) return false
    const random = seededRandom(SEED)
    await insertCrystals(db, demoCrystals(random))
    await insertGaskets(db, demoGaskets(random))
    await insertORings(db, DEMO_O_RINGS)
    await insertInserts(db, DEMO_INSERTS)
    await insertBezels(db, DEMO_BEZELS)
    await insertSupplies(db, DEMO_SUPPLIES)
    await insertChapterRings(db, DEMO_CHAPTER_RINGS)
    await insertDies(db, demoDies())
    const sheets = await insertCaseSheets(db, [...DEMO_CASE_SHEETS])
    const world: DemoWorld = {
      db,
      day,
      openingHour,
      sheets: new Map(sheets.map((s) => [`${s.maker} ${s.reference}`, s])),
      crystals: await allCrystals(db),
      gaskets: await allGaskets(db),
      instruments: await insertInstruments(db, demoInstruments(day)),
      presses: await insertPresses(db, [
        { name: 'Lever press by the window', kind: 'lever', gauged: false },
        { name: 'Screw press with load cell', kind: 'screw', gauged: true },
      ]),
      testers: await insertTesters(db, [
        { name: 'Bell tester', mode: 'overpressure', mostBar: 10 },
        { name: 'Vacuum plate', mode: 'vacuum', mostBar: 0.7 },
      ]),
    }
    const owners = new Map((await insertOwners(db, demoOwners())).map((owner) => [owner.name, owner.id]))
    for (const demo of DEMO_TRAYS) await playTray(world, demo, known(owners, demo.owner))
    await demoHistory(db)
    await changeShopSettings(db, { invented: true, letterhead: LETTERHEAD, hourCents: 4800 })
    return true
  })
}

/** The invented shop’s. */
const LETTERHEAD = 'Watch bench of the Skerrow Ferry Line\nOsterhaven, pier 2\ncases and crystals, 8 to 16'

function demoOwners() {
  const names = [...new Set(DEMO_TRAYS.map((t) => t.owner))]
  return names.map((name) => ({
    name,
    kind: name.endsWith('Line') ? ('fleet' as const) : ('townsperson' as const),
  }))
}
