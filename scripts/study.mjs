// Regenerates docs/verdict-study.md, docs/press-study.md, docs/ring-study.md and docs/dry-study.md: how often the verdicts are right, and whether they keep their word.
import { ensureModules } from './lib/modules.mjs'
import { bin, must } from './lib/project.mjs'

await ensureModules()
await must(bin('tsx'), ['scripts/writeStudy.ts'])
await must(bin('tsx'), ['scripts/writePressStudy.ts'])
await must(bin('tsx'), ['scripts/writeRingStudy.ts'])
await must(bin('tsx'), ['scripts/writeDryStudy.ts'])
