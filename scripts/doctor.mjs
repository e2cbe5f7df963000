import { ensureModules } from './lib/modules.mjs'
import { bin, run } from './lib/project.mjs'

await ensureModules()
process.exit(await run(bin('tsx'), ['scripts/doctor.ts', ...process.argv.slice(2)]))
