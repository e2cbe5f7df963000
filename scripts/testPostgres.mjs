// The whole of the end-to-end tests against a PostgreSQL server of its own, thrown away after.
import { ensureBuild } from './lib/build.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { ensureModules } from './lib/modules.mjs'
import { startThrowawayPostgres } from './lib/postgres.mjs'
import { bin, run } from './lib/project.mjs'

const POSTGRES_PORT = Number(process.env.TEST_POSTGRES_PORT ?? 55433)

await ensureModules()
await ensureChromium()
await ensureBuild()
const postgres = await startThrowawayPostgres(POSTGRES_PORT)
if (!postgres.ok) {
  console.error(`whyalon: no end-to-end test on PostgreSQL: ${postgres.why}`)
  process.exit(1)
}
const env = { TEST_DATABASE_URL: postgres.url, TZ: 'UTC' }
const code = await run(bin('playwright'), ['test', ...process.argv.slice(2)], { env }).finally(postgres.stop)
process.exit(code)
