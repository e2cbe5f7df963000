// Import of a supplier's list of 100 000 crystals. Times are of one run on one machine.
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openStore } from '@/data/client'
import { seededRandom } from '@/devices/seededRandom'
import { drawersInMemory } from '@/services/drawers/drawersInMemory'
import { findParts } from '@/services/drawers/drawersPage'
import { importParts } from '@/services/drawers/importParts'

const LINES = 100_000
const BUDGET_S = 20

const random = seededRandom(23)
const rows = Array.from({ length: LINES }, (_, i) => {
  const tenths = 180 + random.index(220)
  const material = ['mineral', 'sapphire', 'hardened mineral'][random.index(3)] ?? 'mineral'
  return `GG-${i};${(tenths / 10).toFixed(1).replace('.', ',')};${(0.8 + random.index(22) / 10).toFixed(1).replace('.', ',')};${material};${(4 + random.index(3000) / 100).toFixed(2).replace('.', ',')}`
})
const text = ['Article;Diameter (mm);Thickness (mm);Material;Price', ...rows].join('\r\n')
const unit = 'mm' as const
const reading = {
  kind: 'crystal',
  supplier: 'Greystone Glass',
  mapping: {
    Article: { field: 'supplierCode', unit },
    'Diameter (mm)': { field: 'diameterMm', unit },
    'Thickness (mm)': { field: 'edgeThicknessMm', unit },
    Material: { field: 'material', unit },
    Price: { field: 'priceCents', unit },
  },
  defaults: {},
  prefix: '',
}

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-import-'))
const store = await openStore({ kind: 'folder', folder: path.join(folder, 'data') })
const seconds = async (work: () => Promise<unknown>) => {
  const start = performance.now()
  await work()
  return (performance.now() - start) / 1000
}
try {
  const first = await seconds(async () => {
    const result = await importParts(store.db, { text, reading }, new Date(), () => true)
    if (!result.ok || result.added !== LINES) throw new Error(JSON.stringify(result).slice(0, 300))
  })
  const again = await seconds(async () => {
    const result = await importParts(store.db, { text, reading }, new Date(), () => true)
    if (!result.ok || result.same !== LINES) throw new Error(JSON.stringify(result).slice(0, 300))
  })
  const memory = await seconds(() => drawersInMemory(store.db))
  const page = await seconds(() => findParts(store.db, { kind: 'crystal', q: '30.0x1.0 flat sapphire' }))
  const far = await seconds(() => findParts(store.db, { kind: 'crystal', page: 1500 }))
  console.log(
    `import of ${LINES} lines: ${first.toFixed(1)} s (${(first / BUDGET_S).toFixed(2)} of the budget), the same list again ${again.toFixed(1)} s; read into memory ${memory.toFixed(1)} s; a search ${(1000 * page).toFixed(0)} ms, page 1 500 of the grid ${(1000 * far).toFixed(0)} ms`,
  )
} finally {
  await store.close()
  fs.rmSync(folder, { recursive: true, force: true })
}
