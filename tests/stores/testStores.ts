import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { sql } from 'drizzle-orm'
import type { Store } from '@/data/client'
import { openStore } from '@/data/client'

/** A store a test may fill as it likes; closing it removes it. */
export interface TestStore {
  readonly name: string
  readonly open: () => Promise<Store>
}

function folderStore(): TestStore {
  return {
    name: 'embedded PGlite',
    async open() {
      const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-test-'))
      const store = await openStore({ kind: 'folder', folder: path.join(home, 'data') })
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

function serverStore(url: string): TestStore {
  return {
    name: 'PostgreSQL server',
    async open() {
      const name = `t_${randomUUID().replaceAll('-', '')}`
      const admin = await openStore({ kind: 'server', url })
      await admin.db.execute(sql.raw(`CREATE DATABASE ${name}`))
      const own = new URL(url)
      own.pathname = `/${name}`
      const store = await openStore({ kind: 'server', url: own.href })
      return {
        ...store,
        close: async () => {
          await store.close()
          await admin.db.execute(sql.raw(`DROP DATABASE ${name}`))
          await admin.close()
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
