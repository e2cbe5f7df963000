import type { JobFacts } from '@/core/procedure/JobFacts'
import { jobFactsOf } from '@/core/tray/jobFactsOf'
import type { Db } from '@/data/client'
import { standingFindings } from '@/data/queries/findings'
import type { TrayRow } from '@/data/queries/trays'
import { shopSchools } from '../shop/shopSchools'

/** The facts of a tray as its sheet, its intake and its findings have them now. */
export async function factsOfTray(
  db: Db,
  { tray, sheet }: Pick<TrayRow, 'tray' | 'sheet'>,
): Promise<JobFacts> {
  return jobFactsOf(tray, sheet, await standingFindings(db, tray.id), await shopSchools(db))
}
