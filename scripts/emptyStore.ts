// Makes an up-to-date data folder at the path given, empty, and beside it one with the demo world: tests start from copies of
// them, since making one takes the embedded database seconds and copying it none. On a PostgreSQL server, where
// TEST_DATABASE_URL names one, two databases for the same.
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import type { DataLocation } from '@/data/environment'
import { DEMO_DAY, demoFolder } from '../tests/stores/templates'
import { namedDatabase } from '../tests/stores/databases'

const folder = process.argv[2]
if (!folder) throw new Error('say where: emptyStore.ts FOLDER')
const server = process.env.TEST_DATABASE_URL

async function make(location: DataLocation, isDemo: boolean): Promise<void> {
  const store = await openStore(location)
  if (isDemo) await loadDemo(store.db, DEMO_DAY)
  await store.close()
}

await make({ kind: 'folder', folder }, false)
await make({ kind: 'folder', folder: demoFolder(folder) }, true)
if (server)
  for (const name of ['empty', 'demo'] as const)
    await make({ kind: 'server', url: await namedDatabase(server, name) }, name === 'demo')
