import path from 'node:path'
import { inHome } from './inHome'
import { newShop } from './newShop'
import { cutPower } from './powerCuts'

// More are done by `npm run torture -- --only power`.
it(
  'a shop on a disk that keeps only what was synced has all it said was stored, and its sums',
  () =>
    inHome(async (home) => {
      const shop = path.join(home, 'shop')
      await newShop(shop)
      const { wrong, stored } = await cutPower(shop, home, 3, 20)
      expect(wrong).toEqual([])
      expect(stored).toBeGreaterThan(0)
    }),
  240_000,
)
