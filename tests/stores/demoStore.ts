import type { Db, Store } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import type { TestStore } from './testStores'

/** The demo world, opened once for the tests beside it: to be called inside their `describe`. */
export function demoStore(open: TestStore['open']): { readonly db: Db } {
  let store: Store
  beforeAll(async () => {
    store = await open()
    await loadDemo(store.db, new Date('2026-11-24T00:00:00Z'))
  }, 60_000)
  afterAll(() => store.close())
  return {
    get db() {
      return store.db
    },
  }
}
