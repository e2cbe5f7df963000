// Pictures of the main views from a fresh demo world, for docs/screenshots.
import { ensureBuild } from './lib/build.mjs'
import { ensureChromium } from './lib/chromium.mjs'
import { ensureModules } from './lib/modules.mjs'
import { bin, must } from './lib/project.mjs'

await ensureModules()
await ensureChromium()
await ensureBuild()
await must(bin('playwright'), ['test', '--config', 'scripts/screenshots.config.ts'])
