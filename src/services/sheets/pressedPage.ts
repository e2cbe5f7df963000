import { leansOf } from '@/core/level/leanPasses'
import { leanWords } from '@/core/level/leanWords'
import type { PressStatistics } from '@/core/press/pressStatistics'
import { pressStatistics } from '@/core/press/pressStatistics'
import type { Db } from '@/data/client'
import { allCaseSheets, pressRunsOfSheets } from '@/data/queries/caseSheets'
import { allDies } from '@/data/queries/otherParts'
import { pressedTrays } from '@/data/queries/pressedTrays'
import { allPresses } from '@/data/queries/tools'
import { workRunsOfSheets } from '@/data/queries/workRuns'
import { countedRuns } from './countedRuns'

/** What the shop's presses did: all of it, and how each of them leans. */
export interface PressedPage {
  readonly statistics: PressStatistics
  readonly presses: readonly { readonly name: string; readonly lean: string }[]
}

export async function pressedPage(db: Db): Promise<PressedPage> {
  const ids = (await allCaseSheets(db)).map(({ id }) => id)
  const [runs, works, dies, presses, trays] = await Promise.all([
    pressRunsOfSheets(db, ids),
    workRunsOfSheets(db, ids),
    allDies(db),
    allPresses(db),
    pressedTrays(db),
  ])
  const leans = leansOf(trays)
  return {
    statistics: pressStatistics(countedRuns([...runs.values()].flat(), [...works.values()].flat(), dies)),
    presses: presses.map(({ id, name }) => ({ name, lean: leanWords(leans.get(id) ?? null) })),
  }
}
