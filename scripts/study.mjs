// Regenerates docs/verdict-study.md: how often the size verdict is right, and whether it keeps its word.
import { ensureModules } from './lib/modules.mjs'
import { bin, must } from './lib/project.mjs'

await ensureModules()
await must(bin('tsx'), ['scripts/writeStudy.ts'])
