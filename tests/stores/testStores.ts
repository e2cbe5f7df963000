import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { Client } from 'pg'
import type { Store } from '@/data/client'
import { openStore } from '@/data/client'

/** A store a test may fill as it likes; closing it removes it. */
export interface TestStore {
  readonly name: string
  readonly open: () => Promise<Store>
}

/** Starts from a copy of the empty store that npm test made, else from nothing, which takes seconds longer. */
function folderStore(): TestStore {
  return {
    name: 'embedded PGlite',
    async open() {
      const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-test-'))
      const folder = path.join(home, 'data')
      const empty = process.env.WHYALON_EMPTY_STORE
      if (empty) fs.cpSync(empty, folder, { recursive: true })
      const store = await openStore({ kind: 'folder', folder })
      return {
        ...store,
        close: async () => {
          await store.close()
          fs.rmSync(home, { recursive: true, force: true })
        },
      }
    },
  }
}

/** An empty database of its own on a server, and how to drop it. */
export async function emptyDatabase(server: string): Promise<{ url: string; drop: () => Promise<void> }> {
  const name = `t_${randomUUID().replaceAll('-', '')}`
  const admin = new Client({ connectionString: server })
  await admin.connect()
  await admin.query(`CREATE DATABASE ${name} TEMPLATE template0`)
  const own = new URL(server)
  own.pathname = `/${name}`
  return {
    url: own.href,
    drop: async () => {
      try {
        await admin.query(`DROP DATABASE ${name}`)
      } finally {
        await admin.end()
      }
    },
  }
}

function serverStore(server: string): TestStore {
  return {
    name: 'PostgreSQL server',
    async open() {
      const { url, drop } = await emptyDatabase(server)
      const store = await openStore({ kind: 'server', url })
      return {
        ...store,
        close: async () => {
          await store.close()
          await drop()
        },
      }
    },
  }
}

/** Every kind of store there is here: the embedded one always, a server when TEST_DATABASE_URL names one. */
export function testStores(): TestStore[] {
  const url = process.env.TEST_DATABASE_URL
  return url ? [folderStore(), serverStore(url)] : [folderStore()]
}
