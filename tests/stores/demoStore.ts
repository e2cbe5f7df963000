import type { Db, Store } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import type { TestStore } from './testStores'

/** Loading takes seconds; on a machine busy with other tests, many times that. */
const LOADED_WITHIN_MS = 240_000

/** The demo world, opened once for the tests beside it: to be called inside their `describe`. */
export function demoStore(open: TestStore['open']): { readonly db: Db } {
  let store: Store
  beforeAll(async () => {
    store = await open()
    await loadDemo(store.db, new Date('2026-11-24T00:00:00Z'))
  }, LOADED_WITHIN_MS)
  afterAll(() => store.close())
  return {
    get db() {
      return store.db
    },
  }
}
