import { testStores } from '../../../tests/stores/testStores'
import { PART_KINDS } from '@/core/parts/parts'
import { guessColumns } from '@/core/stock-list/listColumns'
import type { Store } from '@/data/client'
import { updatePart } from '@/data/queries/partRecords'
import { readStockList } from '@/io/csv/stockList'
import { exportParts } from './exportParts'
import { importParts } from './importParts'

const NOW = new Date('2026-11-24T10:00:00Z')
/** Codes and names that sheets, quotes and separators could spoil. */
const ODD = ["'=1+1", '-C3', '=SUM(A1)', 'a "b", c; d', '0012', '1e5']

describe.each(testStores())('what is exported from $name', ({ open, openDemo }) => {
  let full: Store
  let empty: Store
  beforeAll(async () => {
    full = await openDemo()
    empty = await open()
  }, 240_000)
  afterAll(async () => {
    await full.close()
    await empty.close()
  })

  const exported = async (store: Store, kind: string) => {
    const file = await exportParts(store.db, { kind, q: '' })
    if (!file.ok) throw new Error(JSON.stringify(file.errors))
    return file.text
  }

  it.each(PART_KINDS)('lands in an empty shop as it was: every %s', async (kind) => {
    for (const [at, odd] of ODD.entries())
      await updatePart(
        full.db,
        kind,
        at + 1,
        {
          code: `${odd} ${kind}`,
          supplierCode: odd,
          supplier: at % 2 === 0 ? '' : `-Lorne ${at}`,
        },
        NOW,
      )
    const text = await exported(full, kind)
    expect(text).toContain("''=1+1")
    const list = readStockList(text)
    if (!list.ok) throw new Error(list.message)
    const { headings, rows } = list.table
    const reading = {
      kind,
      supplier: 'Lorne',
      mapping: guessColumns(kind, headings, rows.slice(0, 50)),
      defaults: {},
      prefix: '',
    }
    const result = await importParts(empty.db, { text, reading }, NOW, () => true)
    expect(result).toMatchObject({ ok: true, added: rows.length, bad: [] })
    expect(await exported(empty, kind)).toBe(text)
  })
})
