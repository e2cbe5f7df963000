// The shop's own data: ./whyalon-data, or WHYALON_DATA, or the PostgreSQL server of DATABASE_URL.
import path from 'node:path'
import { ensureBuild } from './lib/build.mjs'
import { ensureModules } from './lib/modules.mjs'
import { port, serve } from './lib/serve.mjs'

await ensureModules()
await ensureBuild()
const data = path.resolve(process.env.WHYALON_DATA || 'whyalon-data')
console.log(
  process.env.DATABASE_URL ? 'whyalon: data on the server of DATABASE_URL' : `whyalon: data in ${data}`,
)
await serve({ data, port: port() })
