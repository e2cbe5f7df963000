import type { Use, WaterClass } from '@/core/intake/jobWords'
import type { Db } from '@/data/client'
import { allCaseSheets } from '@/data/queries/caseSheets'
import { lastTrayOfSheets } from '@/data/queries/trays'

export interface NewTrayChoices {
  readonly sheets: readonly {
    readonly id: number
    readonly name: string
    readonly waterClass: WaterClass
    readonly use: Use
  }[]
}

/** The cases a new tray can be opened for, with the class and use their last tray had. */
export async function newTrayChoices(db: Db): Promise<NewTrayChoices> {
  const [sheets, last] = await Promise.all([allCaseSheets(db), lastTrayOfSheets(db)])
  return {
    sheets: sheets.map((s) => ({
      id: s.id,
      name: `${s.maker} ${s.reference}`,
      waterClass: last.get(s.id)?.waterClass ?? 'none',
      use: last.get(s.id)?.use ?? 'everyday',
    })),
  }
}
