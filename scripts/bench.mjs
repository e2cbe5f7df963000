// Benchmarks: the models alone, the photo gauge, the shortlist over large drawers, server time of an accepted reading and of pages with many trays, backup and opening of a shop of years, server start, JavaScript of a first load of the tray page.
import { ensureBuild } from './lib/build.mjs'
import { ensureModules } from './lib/modules.mjs'
import { bin, must } from './lib/project.mjs'

await ensureModules()
await ensureBuild()
await must(bin('tsx'), ['bench/models.ts'])
await must(bin('tsx'), ['bench/photoGauge.ts'])
await must(bin('tsx'), ['bench/shortlist.ts'])
await must(bin('tsx'), ['bench/importList.ts'])
await must(bin('tsx'), ['bench/acceptedReading.ts'])
await must(bin('tsx'), ['bench/traysInHand.ts'])
await must(bin('tsx'), ['bench/backup.ts'])
await must(process.execPath, ['bench/serverStart.mjs'])
