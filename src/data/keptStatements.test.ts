import { PGlite } from '@electric-sql/pglite'
import { keptStatements } from './keptStatements'

let engine: PGlite
beforeAll(async () => {
  engine = await PGlite.create()
  engine.execProtocolStream = keptStatements(engine.execProtocolStream.bind(engine))
  await engine.exec('create table parts (id serial primary key, code text unique, size numeric)')
}, 240_000)
afterAll(() => engine.close())

/** Statements the engine has ready now; asked in the simple protocol, which keeps none. */
const ready = async () => {
  const [found] = await engine.exec('select statement from pg_prepared_statements order by prepare_time')
  return (found?.rows ?? []).map((row) => String(Object.values(row)[0]))
}

describe('statements kept ready', () => {
  it('are parsed once, whatever they are asked with', async () => {
    const insert = 'insert into parts (code, size) values ($1, $2) returning id'
    for (const code of ['a', 'b', 'c']) await engine.query(insert, [code, '1.50'])
    const { rows } = await engine.query('select code from parts where code > $1 order by code', ['a'])
    expect(rows).toEqual([{ code: 'b' }, { code: 'c' }])
    expect(await ready()).toEqual([insert, 'select code from parts where code > $1 order by code'])
  })

  it('tell what is wrong, and serve afterwards', async () => {
    const bySize = 'select code from parts where size = $1'
    await expect(engine.query(bySize, ['wide'])).rejects.toThrow(/invalid input syntax/)
    await expect(engine.query('select nothing from parts')).rejects.toThrow(/nothing/)
    const twice = 'insert into parts (code) values ($1)'
    await engine.query(twice, ['d'])
    await expect(engine.query(twice, ['d'])).rejects.toThrow(/duplicate key/)
    expect((await engine.query(bySize, ['1.50'])).rows).toHaveLength(3)
  })

  it('serve within a transaction that was undone, and after it', async () => {
    const insert = 'insert into parts (code, size) values ($1, $2) returning id'
    const undone = engine.transaction(async (tx) => {
      await tx.query(insert, ['e', '2'])
      await tx.query(insert, ['e', '2'])
    })
    await expect(undone).rejects.toThrow(/duplicate key/)
    expect((await engine.query(insert, ['e', '2'])).rows).toHaveLength(1)
  })

  it('show a table as it became, at the second time of asking at the latest', async () => {
    const all = 'select * from parts where code = $1'
    await engine.query(all, ['a'])
    await engine.exec('alter table parts add column drawer text')
    await engine.query(all, ['a']).catch(() => null)
    expect((await engine.query(all, ['a'])).rows).toEqual([expect.objectContaining({ drawer: null })])
  })

  it('are planned anew once many rows came', async () => {
    const rows = Array.from({ length: 2000 }, (_, i) => `('bulk ${i}', ${i})`).join(', ')
    await engine.query(`insert into parts (code, size) values ${rows}`)
    await engine.query('select 1 as one')
    expect(await ready()).toEqual(['select 1 as one'])
  })

  it('make room for newer ones', async () => {
    await engine.query('select 1 as one')
    for (let i = 0; i < 300; i++) {
      await engine.query(`select ${i} as other`)
      if (i % 50 === 0) await engine.query('select 1 as one')
    }
    const now = await ready()
    expect(now.length).toBeLessThanOrEqual(251)
    expect(now).toContain('select 1 as one')
    expect(now).not.toContain('select 2 as other')
    expect((await engine.query('select 2 as other')).rows).toEqual([{ other: 2 }])
  })

  it('are planned anew after many uses', async () => {
    const nameNow = async () => {
      const [found] = await engine.exec(
        `select name from pg_prepared_statements where statement = 'select 1 as one'`,
      )
      return found?.rows
    }
    const before = await nameNow()
    for (let i = 0; i < 501; i++) await engine.query('select 1 as one')
    expect(before).toHaveLength(1)
    expect(await nameNow()).toHaveLength(1)
    expect(await nameNow()).not.toEqual(before)
  })
})
