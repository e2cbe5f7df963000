import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import type { Store } from '@/data/client'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { copyOfTemplate, emptyDatabase } from './databases'
import { DEMO_DAY, demoFolder } from './templates'

/** A store a test may fill as it likes; closing it removes it. */
export interface TestStore {
  readonly name: string
  readonly open: () => Promise<Store>
  /** with the demo world on the day of the tests, see DEMO_DAY */
  readonly openDemo: () => Promise<Store>
}

/** Made by scripts/emptyStore.ts for npm test; without it a store is made from nothing, which takes seconds longer. */
const MADE = process.env.WHYALON_EMPTY_STORE

async function withDemo(opening: Promise<Store>): Promise<Store> {
  const store = await opening
  await loadDemo(store.db, DEMO_DAY)
  return store
}

function folderStore(): TestStore {
  const openCopy = async (of: string | undefined): Promise<Store> => {
    const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-test-'))
    const folder = path.join(home, 'data')
    if (of !== undefined) fs.cpSync(of, folder, { recursive: true })
    const store = await openStore({ kind: 'folder', folder })
    return {
      ...store,
      close: async () => {
        await store.close()
        fs.rmSync(home, { recursive: true, force: true })
      },
    }
  }
  return {
    name: 'embedded PGlite',
    open: () => openCopy(MADE),
    openDemo: () => (MADE === undefined ? withDemo(openCopy(MADE)) : openCopy(demoFolder(MADE))),
  }
}

function serverStore(server: string): TestStore {
  const openCopy = async (of: 'empty' | 'demo' | null): Promise<Store> => {
    const { url, drop } = await (of === null ? emptyDatabase(server) : copyOfTemplate(server, of))
    const store = await openStore({ kind: 'server', url })
    return {
      ...store,
      close: async () => {
        await store.close()
        await drop()
      },
    }
  }
  const made = MADE !== undefined
  return {
    name: 'PostgreSQL server',
    open: () => openCopy(made ? 'empty' : null),
    openDemo: () => (made ? openCopy('demo') : withDemo(openCopy(null))),
  }
}

/** Every kind of store there is here: the embedded one always, a server when TEST_DATABASE_URL names one. */
export function testStores(): TestStore[] {
  const url = process.env.TEST_DATABASE_URL
  return url ? [folderStore(), serverStore(url)] : [folderStore()]
}
