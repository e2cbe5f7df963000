import { testStores } from '../../../tests/stores/testStores'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import type { FieldValue } from '@/core/records/checkRecord'
import { formText } from '@/core/records/formText'
import type { Store } from '@/data/client'
import { caseSheetById } from '@/data/queries/caseSheets'
import { saveRecord } from './records'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('a sheet open in two windows, on $name', ({ openDemo }) => {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const sheet = async (id: number) =>
    ({ ...(await caseSheetById(store.db, id)) }) as Record<string, FieldValue>
  const opened = async (id: number) => {
    const kept = await sheet(id)
    return Object.fromEntries(
      CASE_SHEET_FIELDS.map((field) => [field.name, formText(field, kept[field.name])]),
    )
  }
  const save = (id: number, fields: object, was: object) =>
    saveRecord(store.db, { kind: 'case-sheet', id, fields, was }, NOW)

  it('keeps what the other window changed in fields this one did not touch', async () => {
    const was = await opened(1)
    expect(await save(1, { ...was, note: 'greased thin' }, was)).toEqual({ ok: true })
    // The other window still shows the note as it was.
    expect(await save(1, { ...was, boreMm: '31.05' }, was)).toEqual({ ok: true })
    expect(await sheet(1)).toMatchObject({ note: 'greased thin', boreMm: 31.05 })
  })

  it('asks where both changed the same, stores nothing meanwhile, and takes what is stored once more', async () => {
    const was = await opened(2)
    await save(2, { ...was, note: 'theirs' }, was)
    const mine = { ...was, note: 'mine' }
    const refused = await save(2, mine, was)
    expect(refused).toMatchObject({ ok: false, now: { note: 'theirs' } })
    expect(refused.ok || refused.errors['note']).toMatch(/changed elsewhere to “theirs”/)
    expect(await sheet(2)).toMatchObject({ note: 'theirs' })
    expect(await save(2, mine, { ...was, note: 'theirs' })).toEqual({ ok: true })
    expect(await sheet(2)).toMatchObject({ note: 'mine' })
  })

  it('says where the record is gone', async () => {
    expect(await save(999_999, {}, {})).toMatchObject({
      ok: false,
      errors: { form: 'It is not there any more: go back to the list.' },
    })
  })
})
