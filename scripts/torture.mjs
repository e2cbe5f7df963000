// Hurts a shop in every way that was thought of and counts what was lost: npm run torture -- --only kills --count 1000
import { ensureBuild } from './lib/build.mjs'
import { ensureModules } from './lib/modules.mjs'
import { run } from './lib/project.mjs'

await ensureModules()
await ensureBuild()
// What belongs to the server alone is read here too.
const node = ['--conditions=react-server', '--import', 'tsx']
process.exit(await run(process.execPath, [...node, 'scripts/torture.ts', ...process.argv.slice(2)]))
