import type { Db } from '@/data/client'
import { allInstrumentChecks } from '@/data/queries/instrumentChecks'
import type { Instrument, Press } from '@/data/queries/tools'
import { allInstruments, allPresses } from '@/data/queries/tools'

export interface ShopTools {
  readonly instruments: readonly Instrument[]
  readonly presses: readonly Press[]
  /** checks against a gauge block, the newest first */
  readonly checks: readonly {
    readonly id: number
    readonly instrument: string
    readonly nominalMm: number
    readonly driftMm: number
    readonly corrected: boolean
    readonly checkedAt: string
  }[]
}

export async function shopTools(db: Db): Promise<ShopTools> {
  const [instruments, presses, checks] = await Promise.all([
    allInstruments(db),
    allPresses(db),
    allInstrumentChecks(db),
  ])
  return {
    instruments,
    presses,
    checks: checks.map(({ id, instrumentId, nominalMm, driftMm, corrected, checkedAt }) => ({
      id,
      instrument: instruments.find((i) => i.id === instrumentId)?.name ?? '?',
      nominalMm,
      driftMm,
      corrected,
      checkedAt: checkedAt.toISOString(),
    })),
  }
}
