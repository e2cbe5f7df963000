// The invented bench of the Skerrow Ferry Line, on data of its own.
import fs from 'node:fs'
import path from 'node:path'
import { ensureBuild } from './lib/build.mjs'
import { ensureModules } from './lib/modules.mjs'
import { bin, must, ROOT, step } from './lib/project.mjs'
import { port, serve } from './lib/serve.mjs'

const data = path.join(ROOT, '.data/demo')
const loaded = path.join(ROOT, '.data/demo.loaded')

// The demo is about its own data, whatever the shop's environment says.
delete process.env.DATABASE_URL

await ensureModules()
await ensureBuild()
if (!fs.existsSync(loaded)) {
  await step('loading the demo world', () =>
    must(bin('tsx'), ['scripts/loadDemo.ts'], { env: { WHYALON_DATA: data } }),
  )
  fs.writeFileSync(loaded, new Date().toISOString())
}
await serve({ data, port: port() })
