import fc from 'fast-check'
import { csvText, plainCell } from './csvText'
import { readStockList } from './stockList'

it.each(['=1+1', '+49', '-C3', '@cmd', '\tx', "'=1+1", "''-1"])('disarms %j, and reads it back', (cell) => {
  expect(csvText(['code'], [[cell]])).not.toMatch(/^"?[=+\-@\t]/m)
  expect(plainCell(`'${cell}`)).toBe(cell)
})

it('leaves what runs nothing, and figures, as they are', () => {
  expect(csvText(['a', 'b', 'c'], [["'tis", -0.02, 'C-300']])).toBe("a,b,c\n'tis,-0.02,C-300\n")
  expect(plainCell("'tis")).toBe("'tis")
})

it('every text comes back as it was written', () => {
  const odd = fc.oneof(
    fc.string(),
    fc
      .constantFrom("'", '=', '-', '"', ',', ';', ' ', '\n', '@')
      .chain((sign) => fc.string().map((rest) => sign + rest)),
  )
  fc.assert(
    fc.property(odd, (cell) => {
      const read = readStockList(csvText(['one', 'two'], [[cell, 'x']]))
      expect(read).toMatchObject({ ok: true, table: { rows: [[cell, 'x']] } })
    }),
    { numRuns: 500 },
  )
})
