import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { ofEngine } from '@/data/connections'
import { DURABLE_START, DurableFiles } from '@/data/folder/durableFiles'
import { sumDifferences } from '@/data/sums/sumDifferences'
import { seededRandom } from '@/devices/seededRandom'

/** What many cuts of the power came to. */
export interface CutCount {
  readonly cuts: number
  readonly stored: number
  readonly wrong: readonly string[]
}

/** The power is cut so often in the life of one engine, after so many statements at most each time. */
const [CUTS_A_LIFE, MOST_STATEMENTS] = [10, 12]

/**
 * Writes to a shop on a disk that keeps what was synced and drops the rest, looks so many times what it would hold had the
 * power been cut just then, and whether that is every row that was answered as stored.
 * @param shop - a folder with a shop's tables; copied
 * @param home - where copies are made
 */
export async function cutPower(
  shop: string,
  home: string,
  cuts: number,
  seed: number,
  told: (count: CutCount) => void = () => undefined,
): Promise<CutCount> {
  const random = seededRandom(seed)
  const wrong: string[] = []
  let [done, stored] = [0, 0]
  while (done < cuts && wrong.length === 0) {
    const [folder, disk, after] = ['power', 'disk', 'after'].map((name) => path.join(home, name)) as [
      string,
      string,
      string,
    ]
    for (const copy of [folder, disk]) fs.cpSync(shop, copy, { recursive: true })
    const engine = await PGlite.create({
      startParams: [...DURABLE_START],
      fs: new DurableFiles(folder, (descriptor) => {
        const file = fs.readlinkSync(`/proc/self/fd/${descriptor}`)
        if (fs.statSync(file).isFile()) keep(file, path.join(disk, path.relative(folder, file)))
      }),
    })
    const keys = new Set<string>()
    for (let cut = 0; cut < CUTS_A_LIFE && done < cuts; cut++) {
      for (let left = 1 + random.index(MOST_STATEMENTS); left > 0; left--) {
        await write(engine, random.uniform(0, 1), keys)
      }
      fs.cpSync(disk, after, { recursive: true })
      const held = await heldIn(after)
      const lost = [...keys].filter((key) => !held.keys.has(key)).length
      if (lost > 0) wrong.push(`cut ${done}: ${lost} of ${keys.size} lost`)
      if (held.keys.size > keys.size)
        wrong.push(`cut ${done}: ${held.keys.size - keys.size} more than stored`)
      if (held.differing > 0) wrong.push(`cut ${done}: ${held.differing} tables differ from their sums`)
      fs.rmSync(after, { recursive: true })
      done++
      told({ cuts: done, stored: stored + keys.size, wrong })
    }
    stored += keys.size
    await engine.close()
    for (const copy of [folder, disk]) fs.rmSync(copy, { recursive: true })
  }
  return { cuts: done, stored, wrong }
}

function keep(file: string, to: string): void {
  fs.mkdirSync(path.dirname(to), { recursive: true })
  fs.cpSync(file, to)
}

const STORE = 'INSERT INTO sent_changes (key) VALUES ($1)'

/** One statement, or several that stand together, or a checkpoint; what is answered is in `keys`. */
async function write(engine: PGlite, at: number, keys: Set<string>): Promise<void> {
  if (at < 0.1) {
    await engine.exec('CHECKPOINT')
    return
  }
  const made = Array.from({ length: at < 0.7 ? 1 : 40 }, () => randomUUID())
  await engine.transaction(async (tx) => {
    for (const key of made) await tx.query(STORE, [key])
  })
  for (const key of made) keys.add(key)
}

async function heldIn(folder: string) {
  const engine = await PGlite.create({ dataDir: folder })
  try {
    const { rows } = await engine.query<{ key: string }>('SELECT key FROM sent_changes')
    const differing = (await sumDifferences(ofEngine(engine).ask)).length
    return { keys: new Set(rows.map(({ key }) => key)), differing }
  } finally {
    await engine.close()
  }
}
