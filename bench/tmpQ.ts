import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openStore } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { trayById, trayByNumber, claimRevision } from '@/data/queries/trays'
import { drawersInMemory } from '@/services/drawers/drawersInMemory'
import { openTrayCase } from '@/services/tray/openTrayCases'
import { trayView } from '@/services/tray/trayView'
const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-bench-'))
const store = await openStore({ kind: 'folder', folder: path.join(home, 'data') })
await loadDemo(store.db, new Date('2026-11-24T00:00:00Z'))
const row = (await trayByNumber(store.db, 214))!
const opened = await openTrayCase(store.db, row)
let rev = row.tray.revision
const all = {
  trayById: () => trayById(store.db, row.tray.id),
  drawers: () => drawersInMemory(store.db),
  open: () => openTrayCase(store.db, row),
  view: () => trayView(store.db, opened),
  openView: async () => trayView(store.db, await openTrayCase(store.db, row)),
  emptyTransaction: () => store.db.transaction(async (tx) => { await claimRevision(tx, row.tray.id, rev++) }),
}
for (const [name, ask] of Object.entries(all)) {
  for (let i = 0; i < 100; i++) await ask()
  const t = performance.now()
  for (let i = 0; i < 150; i++) await ask()
  console.log(name, ((performance.now() - t) / 150).toFixed(2))
}
await store.close()
