import { seededRandom } from '@/devices/seededRandom'
import { HeardLedger } from './heardLedger'
import { startLife } from './life'

/** What many kills came to. */
export interface KillCount {
  readonly kills: number
  /** of them while the shop was starting, finding its way back, or looking what was there */
  readonly early: number
  readonly stored: number
  /** sent and not answered when it was killed: each was sent again */
  readonly unsure: number
  /** what was lost, doubled or refused; the run ends at the first */
  readonly wrong: readonly string[]
}

/** A shop that is killed early is killed so soon after its start, one at work so soon after it looked around, ms. */
const [EARLY_MS, WORK_MS] = [1500, 900]
const EARLY_SHARE = 0.2
/** Every so many lives a backup is made meanwhile. */
const BACKUP_EVERY = 40

/**
 * Kills a working shop so many times, at moments drawn by a seed, and has each next one look whether everything that was
 * answered as stored is there once. The last one is killed when it has looked.
 * @param told - is told after each life, for a long run
 */
export async function killShop(
  folder: string,
  kills: number,
  seed: number,
  told: (count: KillCount) => void = () => undefined,
): Promise<KillCount> {
  const random = seededRandom(seed)
  const ledger = new HeardLedger(`${folder}.ledger.json`)
  let early = 0
  const counted = (life: number): KillCount => ({
    kills: life + 1,
    early,
    stored: ledger.stored,
    unsure: ledger.unsure,
    wrong: ledger.wrong,
  })
  for (let life = 0; life <= kills && ledger.wrong.length === 0; life++) {
    ledger.write()
    const isEarly = random.uniform(0, 1) < EARLY_SHARE && life < kills
    const afterMs = random.uniform(0, isEarly ? EARLY_MS : WORK_MS)
    if (isEarly) early++
    const backups = life % BACKUP_EVERY === BACKUP_EVERY - 1 ? [`${folder}-backups`] : []
    const { child, ended } = startLife(
      'shopWorker.ts',
      [folder, ledger.file, String(seed * 10_000 + life), ...backups],
      (line) => {
        ledger.hear(line)
        if (line === 'whole' && !isEarly) setTimeout(() => child.kill('SIGKILL'), afterMs)
      },
    )
    if (isEarly) setTimeout(() => child.kill('SIGKILL'), afterMs)
    const { signal, code, errors } = await ended
    if (signal !== 'SIGKILL') ledger.wrong.push(`life ${life} ended by itself with ${code}: ${errors}`)
    ledger.endLife()
    told(counted(life))
  }
  return counted(kills)
}
