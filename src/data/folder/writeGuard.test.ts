import fs from 'node:fs'
import os from 'node:os'
import { PGlite } from '@electric-sql/pglite'
import { freeBytesOf, guardedWrites, LEAST_FREE_BYTES, mayWrite } from './writeGuard'

describe('a statement that may write', () => {
  it.each([
    'insert into readings values (1)',
    '  UPDATE trays SET stage = $1',
    'delete from trays',
    'truncate trays',
    'create table parts ()',
    'with gone as (delete from trays returning id) select * from gone',
    'select * from t; insert into t values (1)',
  ])('is %s', (statement) => expect(mayWrite(statement)).toBe(true))

  it.each(['select 1', 'begin', 'COMMIT', 'rollback to savepoint a', 'show fsync', 'set timezone = utc'])(
    'is not %s',
    (statement) => expect(mayWrite(statement)).toBe(false),
  )
})

describe('with too little room on the disk', () => {
  it('writes nothing and says so, goes on reading, and writes again once there is room', async () => {
    let free = LEAST_FREE_BYTES
    const engine = await PGlite.create()
    engine.execProtocolStream = guardedWrites(engine.execProtocolStream.bind(engine), () => free)
    await engine.exec('create table readings (id serial primary key, mm numeric)')
    const store = () => engine.query('insert into readings (mm) values ($1)', [30.02])
    const stored = async () => (await engine.query('select * from readings')).rows.length
    await store()
    free = LEAST_FREE_BYTES - 1
    await expect(store()).rejects.toThrow(/Not stored: only 67 MB are free .* 68 are needed/)
    await expect(engine.exec('update readings set mm = 1')).rejects.toThrow(/Not stored/)
    await expect(engine.transaction((tx) => tx.query('delete from readings'))).rejects.toThrow(/Not stored/)
    expect(await stored()).toBe(1)
    free = LEAST_FREE_BYTES
    await store()
    expect(await stored()).toBe(2)
    await engine.close()
  }, 240_000)

  it('is asked of the disk itself', () => {
    const { bavail, bsize } = fs.statfsSync(os.tmpdir())
    expect(freeBytesOf(os.tmpdir()) / (bavail * bsize)).toBeCloseTo(1, 1)
  })
})
