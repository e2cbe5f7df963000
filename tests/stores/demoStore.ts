import type { Db, Store } from '@/data/client'
import type { TestStore } from './testStores'

/** Opening takes a second; on a machine busy with other tests, and where it is made from nothing, many times that. */
const OPENED_WITHIN_MS = 240_000

/** The demo world, opened once for the tests beside it: to be called inside their `describe`. */
export function demoStore(openDemo: TestStore['openDemo']): { readonly db: Db } {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, OPENED_WITHIN_MS)
  afterAll(() => store.close())
  return {
    get db() {
      return store.db
    },
  }
}
