import path from 'node:path'
import { openStore } from '@/data/client'
import { inHome } from './inHome'
import { newShop } from './newShop'
import { staleTabs } from './staleTabs'

// More are done by `npm run torture -- --only tabs`.
it(
  'a window decides nothing about a tray the other one changed meanwhile',
  () =>
    inHome(async (home) => {
      const folder = path.join(home, 'shop')
      await newShop(folder)
      const store = await openStore({ kind: 'folder', folder })
      const { wrong, refused, taken } = await staleTabs(store, 12, 20)
      await store.close()
      expect(wrong).toEqual([])
      expect(refused).toBeGreaterThan(0)
      expect(taken).toBeGreaterThan(0)
    }),
  240_000,
)
