// Hurts a shop in every way that was thought of and counts what was lost. On this machine only, in a place of its own.
//   npm run torture                              all of it, as often as docs/durability.md says: hours
//   npm run torture -- --only kills --count 50   one kind, so often; --seed draws other moments
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { parseArgs } from 'node:util'
import fc from 'fast-check'
import { ACTIONS } from '@/services/actions'
import { HOSTILE, inputsNear } from '../tests/fuzz/hostile'
import { loadDemo } from '@/data/demo/loadDemo'
import { openStore } from '@/data/client'
import { Server } from '../tests/e2e/support/Server'
import { fillDisk, smallDisk } from '../tests/torture/fullDisk'
import type { Change } from '../tests/torture/hostileRequests'
import { sendHostile } from '../tests/torture/hostileRequests'
import { killShop } from '../tests/torture/kills'
import { killMigrations, oldShop } from '../tests/torture/migrationKills'
import { newShop } from '../tests/torture/newShop'
import { cutPower } from '../tests/torture/powerCuts'
import { staleTabs } from '../tests/torture/staleTabs'

type Count = Readonly<Record<string, unknown>> & { readonly wrong: readonly string[] }
type Told = (count: Count) => void
type Torture = (home: string, count: number, seed: number, told: Told) => Promise<Count | null>

const PORT = 3291

/** Every change there is, with what is near to what it asks for. */
const CHANGES: fc.Arbitrary<Change> = fc
  .constantFrom(...Object.entries(ACTIONS))
  .chain(([name, { schema }]) =>
    fc.oneof(schema ? inputsNear(schema) : HOSTILE, HOSTILE).map((given) => [name, given] as const),
  )

/** Each with how often it is done when nothing else is said. */
const TORTURES: Readonly<Record<string, readonly [usual: number, torture: Torture]>> = {
  kills: [
    1000,
    async (home, count, seed, told) => {
      await newShop(path.join(home, 'shop'))
      return { ...(await killShop(path.join(home, 'shop'), count, seed, (so) => told({ ...so }))) }
    },
  ],
  migrations: [
    100,
    async (home, count, seed, told) => {
      await oldShop(path.join(home, 'shop'), path.join(home, 'older'))
      return { ...(await killMigrations(path.join(home, 'shop'), count, seed, (so) => told({ ...so }))) }
    },
  ],
  power: [
    200,
    async (home, count, seed, told) => {
      await newShop(path.join(home, 'shop'))
      return { ...(await cutPower(path.join(home, 'shop'), home, count, seed, (so) => told({ ...so }))) }
    },
  ],
  disk: [
    100,
    async (home, count, seed, told) => {
      const unmount = smallDisk(path.join(home, 'disk'))
      if (unmount === null) return null
      try {
        return { ...(await fillDisk(path.join(home, 'disk'), count, seed, (so) => told({ ...so }))) }
      } finally {
        unmount()
      }
    },
  ],
  tabs: [
    100,
    async (home, count, seed) => {
      await newShop(path.join(home, 'shop'))
      const store = await openStore({ kind: 'folder', folder: path.join(home, 'shop') })
      try {
        return { ...(await staleTabs(store, count, seed)) }
      } finally {
        await store.close()
      }
    },
  ],
  requests: [
    20_000,
    async (home, count, seed, told) => {
      const store = await openStore({ kind: 'folder', folder: path.join(home, 'shop') })
      await loadDemo(store.db, new Date())
      await store.close()
      const server = new Server(path.join(home, 'shop'), PORT)
      await server.start()
      try {
        return { ...(await sendHostile(server.address, CHANGES, count, seed, (so) => told({ ...so }))) }
      } finally {
        await server.stop()
      }
    },
  ],
}

const { values } = parseArgs({
  options: { only: { type: 'string' }, count: { type: 'string' }, seed: { type: 'string' } },
})
const chosen = Object.entries(TORTURES).filter(([name]) => values.only === undefined || name === values.only)
if (chosen.length === 0) {
  console.error(`whyalon: --only takes ${Object.keys(TORTURES).join(', ')}.`)
  process.exit(1)
}
for (const [name, [usual, torture]] of chosen) {
  const home = fs.mkdtempSync(path.join(os.tmpdir(), `whyalon-torture-${name}-`))
  const startedMs = Date.now()
  const line = (count: Count) =>
    `${name}: ${JSON.stringify({ ...count, wrong: count.wrong.length })}, ${Math.round((Date.now() - startedMs) / 1000)} s`
  try {
    const count = await torture(home, Number(values.count ?? usual), Number(values.seed ?? 1), (so) => {
      if (process.stdout.isTTY) process.stdout.write(`\r${line(so)}`)
    })
    console.log(count === null ? `${name}: not on this machine, it mounts no small disk` : line(count))
    for (const wrong of count?.wrong ?? []) console.error(wrong)
    if (count === null || count.wrong.length > 0) process.exitCode = 1
  } finally {
    fs.rmSync(home, { recursive: true, force: true })
  }
}
