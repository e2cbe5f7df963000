import { testStores } from '../../../tests/stores/testStores'
import { USUAL_KEEPING } from '@/core/backups/keptBackups'
import type { Store } from '@/data/client'
import { historyPage } from '../history/historyPage'
import { backupKeeping, saveBackupKeeping } from './backupKeeping'

const NOW = new Date('2026-11-24T10:00:00Z')
const USUAL = { last: '3', days: '7', weeks: '4', months: '12' }

describe.each(testStores())('how long backups are kept, on $name', ({ open }) => {
  let store: Store
  beforeAll(async () => {
    store = await open()
  }, 240_000)
  afterAll(() => store.close())
  const save = (fields: object, was: object) => saveBackupKeeping(store.db, { fields, was }, NOW)

  it('is as usual until the shop says otherwise, and stands in its history', async () => {
    expect(await backupKeeping(store.db)).toEqual(USUAL_KEEPING)
    expect(await save({ ...USUAL, days: '30' }, USUAL)).toEqual({ ok: true })
    expect(await backupKeeping(store.db)).toEqual({ ...USUAL_KEEPING, days: 30 })
    expect(await save({ ...USUAL, days: '31' }, { ...USUAL, days: '30' })).toEqual({ ok: true })
    const page = await historyPage(store.db, { shop: '' })
    expect(page?.acts[0]?.lines[0]?.values).toEqual([
      { label: 'Backups: Days, one each', was: '30', now: '31' },
    ])
  })

  it('is not overruled by a page that shows what it was', async () => {
    expect(await save({ ...USUAL, days: '90' }, USUAL)).toMatchObject({
      ok: false,
      errors: { days: expect.stringMatching(/changed elsewhere to “31”/) as string },
    })
    // Another field is nobody's business.
    expect(await save({ ...USUAL, months: '24' }, USUAL)).toEqual({ ok: true })
    expect(await backupKeeping(store.db)).toEqual({ ...USUAL_KEEPING, days: 31, months: 24 })
  })

  it.each([
    [{ last: '0' }, /The last ones: .*0/],
    [{ days: '91' }, /90/],
    [{ weeks: '-1' }, /Weeks/],
    [{ months: '' }, /missing/],
    [{ last: '1e3' }, /The last ones/],
  ])('refuses %j with the limit', async (given, why) => {
    const was = { last: '3', days: '31', weeks: '4', months: '24' }
    const refused = await save({ ...was, ...given }, was)
    expect(refused.ok ? '' : Object.values(refused.errors).join(' ')).toMatch(why)
  })
})
