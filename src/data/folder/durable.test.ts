import { spawnSync } from 'node:child_process'
import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { PGlite } from '@electric-sql/pglite'
import { DURABLE_START, DurableFiles, syncFolder } from './durableFiles'
import { PANIC_STATUS } from './endOnPanic'

/** Stores a reading, breaks the disk, and stores another. */
const PROGRAM = 'tests/stores/brokenDisk.ts'

let home: string
let folder: string
beforeAll(async () => {
  home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-durable-'))
  const engine = await PGlite.create({ dataDir: path.join(home, 'template') })
  await engine.exec('create table readings (id serial primary key, mm numeric)')
  await engine.close()
}, 240_000)
beforeEach(() => {
  folder = path.join(home, 'data')
  fs.cpSync(path.join(home, 'template'), folder, { recursive: true })
})
afterEach(() => fs.rmSync(folder, { recursive: true, force: true }))
afterAll(() => fs.rmSync(home, { recursive: true, force: true }))

const openWith = (sync: (descriptor: number) => void) =>
  PGlite.create({ fs: new DurableFiles(folder, sync), startParams: [...DURABLE_START] })

const STORE = 'insert into readings (mm) values ($1)'

describe('what the engine says is stored', () => {
  it('is on the disk: a machine that loses all else has every row', async () => {
    // Holds what was synced and nothing more, as a disk does after the power was cut.
    const disk = path.join(home, 'disk')
    fs.cpSync(folder, disk, { recursive: true })
    const engine = await openWith((descriptor) => {
      const file = fs.readlinkSync(`/proc/self/fd/${descriptor}`)
      if (fs.statSync(file).isFile()) fs.cpSync(file, path.join(disk, path.relative(folder, file)))
    })
    const rowsAfterThePowerWasCut = async (at: string) => {
      const copy = path.join(home, at)
      fs.cpSync(disk, copy, { recursive: true })
      const after = await PGlite.create({ dataDir: copy })
      const { rows } = await after.query('select mm from readings order by id')
      await after.close()
      return rows.length
    }
    for (let mm = 1; mm <= 10; mm++) await engine.query(STORE, [mm])
    expect(await rowsAfterThePowerWasCut('first')).toBe(10)
    await engine.exec('checkpoint')
    await engine.transaction(async (tx) => {
      for (let mm = 11; mm <= 20; mm++) await tx.query(STORE, [mm])
    })
    expect(await rowsAfterThePowerWasCut('second')).toBe(20)
    await engine.close()
  }, 240_000)

  it('was synced once for each change that stands by itself', async () => {
    let syncs = 0
    const engine = await openWith((descriptor) => {
      syncs++
      fs.fsyncSync(descriptor)
    })
    syncs = 0
    for (let mm = 1; mm <= 5; mm++) await engine.query(STORE, [mm])
    expect(syncs).toBe(5)
    await engine.query('select * from readings')
    expect(syncs).toBe(5)
    await engine.close()
  }, 240_000)

  it('ends the process where the disk does not take it: nothing is said to be stored', () => {
    const run = spawnSync(process.execPath, ['--import', 'tsx', PROGRAM, folder], { encoding: 'utf8' })
    expect(run.status).toBe(PANIC_STATUS)
    expect(run.stdout.trim().split('\n')).toEqual(['stored', 'broken'])
    expect(run.stderr).toMatch(/cannot be written any more: .*could not fsync.*starts anew/)
  }, 240_000)
})

it('puts a folder on the disk with all that lies in it', () => {
  expect(() => syncFolder(folder)).not.toThrow()
  expect(() => syncFolder(path.join(home, 'none'))).toThrow(/ENOENT/)
})
