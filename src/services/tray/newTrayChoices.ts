import type { Use } from '@/core/intake/jobWords'
import type { WaterClass } from '@/core/intake/waterClass'
import type { Db } from '@/data/client'
import { allCaseSheets } from '@/data/queries/caseSheets'
import { lastTrayOfSheets } from '@/data/queries/trays'

export interface NewTrayChoices {
  readonly sheets: readonly (WaterClass & {
    readonly id: number
    readonly name: string
    readonly use: Use
  })[]
}

/** The cases a new tray can be opened for, with the class and use their last tray had. */
export async function newTrayChoices(db: Db): Promise<NewTrayChoices> {
  const [sheets, last] = await Promise.all([allCaseSheets(db), lastTrayOfSheets(db)])
  return {
    sheets: sheets.map((s) => ({
      id: s.id,
      name: `${s.maker} ${s.reference}`,
      classBar: last.get(s.id)?.classBar ?? null,
      diver: last.get(s.id)?.diver ?? false,
      use: last.get(s.id)?.use ?? 'everyday',
    })),
  }
}
