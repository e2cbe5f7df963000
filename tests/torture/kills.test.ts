import path from 'node:path'
import { inHome } from './inHome'
import { killShop } from './kills'
import { newShop } from './newShop'

// Hundreds are done by `npm run torture -- --only kills`.
it(
  'a shop that is killed, and killed again on its way back, has all it said was stored, once',
  () =>
    inHome(async (home) => {
      const shop = path.join(home, 'shop')
      await newShop(shop)
      const { wrong, stored } = await killShop(shop, 3, 20)
      expect(wrong).toEqual([])
      expect(stored).toBeGreaterThan(0)
    }),
  240_000,
)
