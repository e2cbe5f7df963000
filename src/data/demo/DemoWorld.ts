import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import type { Db } from '../client'
import type { Tester } from '../queries/dryRecords'
import type { Instrument, Press } from '../queries/tools'

/** What every tray is played in. */
export interface DemoWorld {
  readonly db: Db
  readonly day: Date
  /** hour at which a tray is opened, counted from midnight of its day */
  readonly openingHour: number
  readonly sheets: ReadonlyMap<string, CaseSheet>
  readonly crystals: readonly StockCrystal[]
  readonly gaskets: readonly StockGasket[]
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
  readonly testers: readonly Tester[]
}
