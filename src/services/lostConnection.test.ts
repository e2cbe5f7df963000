import { randomUUID } from 'node:crypto'
import { count } from 'drizzle-orm'
import { Client } from 'pg'
import { emptyDatabase } from '../../tests/stores/databases'
import { ONE_LINE } from '../../tests/torture/newShop'
import { storedOnce } from './sentOnce'
import { receivePart } from './drawers/stockCount'
import { openStore } from '@/data/client'
import { insertCrystals } from '@/data/queries/stock'
import { stockMoves } from '@/data/schema'

const server = process.env.TEST_DATABASE_URL
const onServer = server ? describe : describe.skip

onServer('a server that goes away', () => {
  it('in the middle of a change loses that change whole; sent again it is stored once, by the same process', async () => {
    const database = await emptyDatabase(server ?? '')
    const store = await openStore({ kind: 'server', url: database.url })
    const admin = new Client({ connectionString: server })
    await admin.connect()
    /** As a server does that is restarted. */
    const endConnections = () =>
      admin.query(
        'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = $1 AND pid <> pg_backend_pid()',
        [new URL(database.url).pathname.slice(1)],
      )
    try {
      await insertCrystals(store.db, [ONE_LINE])
      const moves = async () => (await store.db.select({ n: count() }).from(stockMoves))[0]?.n
      const receive = { kind: 'crystal', partId: 1, pieces: 2 }
      const key = randomUUID()
      for (const when of ['before', 'after'] as const) {
        const lost = storedOnce(store.db, key, async (tx) => {
          if (when === 'before') await endConnections()
          const answer = await receivePart(tx, receive, new Date())
          if (when === 'after') {
            await endConnections()
            // The engine hears of it between two questions.
            await new Promise((resolve) => setTimeout(resolve, 200))
          }
          return answer
        })
        await expect(lost).rejects.toThrow()
        expect(await moves()).toBe(0)
      }
      const again = () => storedOnce(store.db, key, (tx) => receivePart(tx, receive, new Date()))
      expect(await again()).toMatchObject({ ok: true, quantity: 2 })
      expect(await again()).toMatchObject({ ok: true, quantity: 2 })
      expect(await moves()).toBe(1)
    } finally {
      await admin.end()
      await store.close()
      await database.drop()
    }
  }, 60_000)
})
