// Opens a shop, whatever version its tables are of, and says how many owners it holds: openWorker.ts FOLDER
import { count } from 'drizzle-orm'
import { openStore } from '@/data/client'
import { owners } from '@/data/schema'
import { say } from './Ledger'

const [folder = ''] = process.argv.slice(2)
const store = await openStore({ kind: 'folder', folder })
const [found] = await store.db.select({ n: count() }).from(owners)
say(`held ${found?.n}`)
await store.close()
