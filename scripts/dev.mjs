// Development server on the demo's data, reloading as sources change.
import path from 'node:path'
import { ensureModules } from './lib/modules.mjs'
import { bin, must, ROOT } from './lib/project.mjs'

await ensureModules()
const data = path.join(ROOT, '.data/dev')
await must(bin('tsx'), ['scripts/loadDemo.ts'], { env: { WHYALON_DATA: data } })
await must(bin('next'), ['dev', '-H', '127.0.0.1'], { env: { WHYALON_DATA: data } })
