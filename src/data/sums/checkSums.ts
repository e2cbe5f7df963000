import type { Connection } from '../Connection'
import { dayStartIn, machineZone } from '@/core/units/shopTime'
import { isOfCode } from '../errors'
import { inWords, keepsSums, sumDifferences } from './sumDifferences'

/** Thrown where the tables do not hold what was written to them; nobody works on them until it was looked at. */
export class SumsDifferError extends Error {
  readonly code = 'ESUMS'

  constructor(readonly differences: readonly string[]) {
    super(
      `The shop’s data is not what was stored: ${differences.join('; ')}. ` +
        'Something else than Whyalon changed it on the disk, or the disk failed. Nothing was changed now. ' +
        'Stop Whyalon and run “npm run doctor”: it says what is missing and what the backups still hold.',
    )
  }
}

/**
 * Compares the tables with the sums of what was written, unless that was done today already.
 * @param when - `today` where any check since the start of the shop's day will do
 * @throws SumsDifferError where they differ
 */
export async function checkSums(target: Connection, when: 'now' | 'today'): Promise<void> {
  const { ask, set } = target
  if (!(await keepsSums(ask))) return
  if (when === 'today' && (await wasChecked(target, await dayStart(target)))) return
  const differences = await sumDifferences(ask)
  if (differences.length > 0) throw new SumsDifferError(differences.map(inWords))
  try {
    await set('INSERT INTO sum_checks (accepted) VALUES ($1)', ['[]'])
    await gatherSums(target)
  } catch (error) {
    // On a full disk reading goes on, and so does this: it is written down another day.
    if (!isOfCode(error, 'EFULL')) throw error
  }
}

/** When the shop's day began; this machine's while no version of the tables says whose day that is. */
async function dayStart({ ask }: Connection): Promise<Date> {
  // As JSON, because the column is newer than the sums.
  const [row] = await ask("SELECT to_jsonb(s) ->> 'time_zone' AS zone FROM shop_settings s LIMIT 1")
  const zone = row?.['zone']
  return dayStartIn(typeof zone === 'string' ? zone : machineZone(), new Date())
}

async function wasChecked({ ask }: Connection, since: Date): Promise<boolean> {
  const [found] = await ask(`SELECT max(at) >= '${since.toISOString()}' AS checked FROM sum_checks`)
  return found?.['checked'] === true
}

/** One line a table instead of one a statement: in one statement, so that nobody's lines are lost. */
async function gatherSums({ run }: Connection): Promise<void> {
  await run(
    `WITH gone AS (DELETE FROM table_sums RETURNING *)
     INSERT INTO table_sums SELECT table_name, sum(rows), sum(sum) FROM gone GROUP BY table_name`,
  )
  await run('VACUUM table_sums')
}

/** Takes the tables as they are now for what they should be. */
export async function sealSums({ run, ask }: Connection): Promise<void> {
  if (await keepsSums(ask)) await run('SELECT seal_sums()')
}
