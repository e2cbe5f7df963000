import { sql } from 'drizzle-orm'
import { emptyDatabase } from '../../../tests/stores/databases'
import type { Store } from '@/data/client'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { allInstruments, allPresses } from '@/data/queries/tools'
import { startShop } from './startShop'

const DAY = new Date('2026-11-24T00:00:00Z')
const PROCESSES = [1, 2, 3, 4]

// An embedded folder belongs to one process; only a server can be started on by several.
const server = process.env.TEST_DATABASE_URL
const onServer = server ? describe : describe.skip

onServer('processes that start on one empty PostgreSQL database at the same moment', () => {
  let database: Awaited<ReturnType<typeof emptyDatabase>>
  let stores: Store[] = []
  beforeEach(async () => {
    database = await emptyDatabase(server ?? '')
    const opened = await Promise.allSettled(
      PROCESSES.map(() => openStore({ kind: 'server', url: database.url })),
    )
    stores = opened.flatMap((result) => (result.status === 'fulfilled' ? [result.value] : []))
  })
  afterEach(async () => {
    for (const store of stores) await store.close()
    await database.drop()
  })

  it('all find its tables made, and one set of tools', async () => {
    expect(stores.length).toBe(PROCESSES.length)
    await Promise.all(stores.map(({ db }) => startShop(db)))
    const [first] = stores
    if (!first) throw new Error('none opened')
    expect((await allInstruments(first.db)).map((tool) => tool.name)).toEqual(['Caliper', 'Thickness gauge'])
    expect(await allPresses(first.db)).toHaveLength(2)
  })

  it('load the demo world once between them', async () => {
    const loaded = await Promise.all(stores.map(({ db }) => loadDemo(db, DAY)))
    expect(loaded.filter(Boolean)).toHaveLength(1)
  })
  it('outlive the connections they had, and say that they lost them', async () => {
    const [first, ...others] = stores
    if (!first) throw new Error('none opened')
    // Each holds an idle connection now.
    for (const { db } of stores) expect(await allPresses(db)).toEqual([])
    const said = listenToErrors()
    try {
      await first.db.execute(
        sql`select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()`,
      )
      // What is asked before the loss is noticed may fail; what is asked after it may not.
      await said.atLeast(others.length)
      for (const { db } of others) expect(await allPresses(db)).toEqual([])
    } finally {
      said.stop()
    }
  })
})

/** Hears what is written to the error stream instead of it, until stopped. */
function listenToErrors() {
  const { error } = console
  const lines: string[] = []
  console.error = (...words: unknown[]) => lines.push(words.join(' '))
  return {
    async atLeast(losses: number) {
      const heard = () => lines.filter((line) => line.startsWith('PostgreSQL dropped a connection')).length
      for (let waits = 0; heard() < losses && waits < 500; waits++)
        await new Promise((resolve) => setTimeout(resolve, 10))
      expect(heard()).toBe(losses)
    },
    stop() {
      console.error = error
    },
  }
}
