import { PARTS } from '@/core/parts/parts'
import { listRowChecker } from '@/core/stock-list/checkListRow'
import { guessColumns } from '@/core/stock-list/listColumns'
import { stockCrystal } from '../../../tests/factories/parts'
import { writeOrderCsv } from './orderCsv'
import { readStockList, writeBadRows, writeStockList } from './stockList'

describe('readStockList', () => {
  it.each([
    ['comma', 'A,B\n1,2\n'],
    ['semicolon', 'A;B\r\n1;2\r\n'],
    ['tab', 'A\tB\n1\t2'],
    ['byte order mark and empty lines', '\uFEFFA;B\n\n1;2\n;\n'],
    ['quotes', '"A";"B"\n"1";"2"\n'],
  ])('reads %s', (_, text) => {
    expect(readStockList(text)).toEqual({ ok: true, table: { headings: ['A', 'B'], rows: [['1', '2']] } })
  })

  it.each([
    ['', /no columns found/],
    ['only one column\n1\n', /no columns found/],
    ['A;B\n', /no rows under them/],
    ['A;A\n1;2\n', /heading “A” stands twice/],
  ])('refuses %j', (text, message) => {
    const outcome = readStockList(text)
    expect(!outcome.ok && outcome.message).toMatch(message)
  })
})

describe('writeStockList', () => {
  it('is read back as it was: an export that is imported changes nothing', () => {
    const crystals = [
      stockCrystal({ supplier: 'Greystone Glass', supplierCode: 'GG;1', priceCents: 695 }),
      stockCrystal({ id: 2, code: 'X "2"', build: 'shaped', widthMm: 20, cornerRadiusMm: 2, diameterMm: 24 }),
    ]
    const outcome = readStockList(
      writeStockList(
        PARTS.crystal.fields,
        crystals.map((crystal) => ({ ...crystal })),
      ),
    )
    if (!outcome.ok) throw new Error(outcome.message)
    const { headings, rows } = outcome.table
    const mapping = guessColumns('crystal', headings, rows)
    const check = listRowChecker(headings, {
      kind: 'crystal',
      supplier: 'Greystone Glass',
      mapping,
      defaults: {},
      prefix: '',
    })
    const [first, second] = rows.map((row) => check(row))
    const { id: _, ...whole } = crystals[0] ?? stockCrystal()
    expect(first).toEqual({ ok: true, values: whole })
    expect(second).toMatchObject({ ok: true, values: { code: 'X "2"', widthMm: 20, cornerRadiusMm: 2 } })
  })

  it('disarms what a spreadsheet would run', () => {
    expect(writeStockList(PARTS.crystal.fields, [{ ...stockCrystal({ code: '=1+1' }) }])).toContain("'=1+1")
    const line = {
      supplier: '@x',
      supplierCode: '',
      code: '',
      description: '+1',
      there: 0,
      order: 2,
      priceCents: 250,
    }
    const order = writeOrderCsv([line])
    expect(order).toContain("'@x")
    expect(order).toContain("'+1")
    expect(order).toContain('2,2.50,5.00')
    // A price nobody knows is left empty: a supplier would read 0.00 as free.
    expect(writeOrderCsv([{ ...line, priceCents: 0 }])).toMatch(/,2,,\n$/)
  })
})

describe('writeBadRows', () => {
  it('gives rows back as they came, with line and reason behind them', () => {
    const text = writeBadRows(['A', 'B'], [{ line: 7, cells: ['1'], reason: 'B: missing, fill it in.' }])
    expect(text).toBe('A,B,line,what is wrong\n1,,7,"B: missing, fill it in."\n')
  })
})
