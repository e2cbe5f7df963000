import { instrumentDoubt } from '@/core/measure/instrumentDoubt'
import type { Db } from '@/data/client'
import { allInstrumentChecks } from '@/data/queries/instrumentChecks'
import type { Tester } from '@/data/queries/dryRecords'
import { allTesters } from '@/data/queries/dryRecords'
import type { Instrument, Press } from '@/data/queries/tools'
import { allInstruments, allPresses } from '@/data/queries/tools'

export interface ShopTools {
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
  readonly testers: readonly Tester[]
  /** checks against a gauge block, the newest first */
  readonly checks: readonly {
    readonly id: number
    readonly instrument: string
    readonly nominalMm: number
    readonly driftMm: number
    readonly corrected: boolean
    /** what it says against the instrument as it stands; null where a later check settled it */
    readonly doubt: string | null
    readonly checkedAt: string
  }[]
}

export async function shopTools(db: Db): Promise<ShopTools> {
  const [instruments, presses, testers, checks] = await Promise.all([
    allInstruments(db),
    allPresses(db),
    allTesters(db),
    allInstrumentChecks(db),
  ])
  const doubts = new Map(instruments.map((i) => [i.id, instrumentDoubt(i)?.words]))
  // The newest comes first: what is set last is kept.
  const lastOf = new Map([...checks].reverse().map(({ instrumentId, id }) => [instrumentId, id]))
  return {
    instruments,
    presses,
    testers,
    checks: checks.map(({ id, instrumentId, nominalMm, driftMm, corrected, checkedAt }) => ({
      id,
      instrument: instruments.find((i) => i.id === instrumentId)?.name ?? '?',
      doubt: lastOf.get(instrumentId) === id ? (doubts.get(instrumentId) ?? null) : null,
      nominalMm,
      driftMm,
      corrected,
      checkedAt: checkedAt.toISOString(),
    })),
  }
}
