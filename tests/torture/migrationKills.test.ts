import path from 'node:path'
import { inHome } from './inHome'
import { killMigrations, oldShop } from './migrationKills'

// More are done by `npm run torture -- --only migrations`.
it(
  'a shop that is killed while a newer version changes its tables has them all, and the version',
  () =>
    inHome(async (home) => {
      const shop = path.join(home, 'shop')
      await oldShop(shop, path.join(home, 'older'))
      expect(await killMigrations(shop, 2, 20)).toMatchObject({ wrong: [] })
    }),
  240_000,
)
