import fs from 'node:fs'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { LIMITS_SCHEMA_PATH, limitsSchema } from '@/io/json/limitsJson'
import { caseSheetsJson, takeCaseSheetJson } from '../sheets/exchangeSheets'
import { limitsFile, takeLimitsFile } from './exchangeLimits'
import { saveShopPolicy } from './shopPolicy'
import { saveShopSchool } from './shopSchools'

const NOW = new Date('2026-11-24T10:00:00Z')
const told = (answer: { ok: boolean; errors?: Readonly<Record<string, string>> }) =>
  answer.ok ? 'taken' : Object.values(answer.errors ?? {}).join(' ')

it('limits have their published schema made from the same fields', () => {
  const published: unknown = JSON.parse(fs.readFileSync(`public${LIMITS_SCHEMA_PATH}`, 'utf8'))
  expect(published).toEqual(JSON.parse(JSON.stringify(limitsSchema())))
})

describe.each(testStores())('limits, schools and sheets of $name', ({ open, openDemo }) => {
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

  it('leave and return without loss', async () => {
    expect(
      await saveShopPolicy(full.db, { fields: { crazeStrain: '1.5', snapGripMm: '0.12' } }, NOW),
    ).toEqual({ ok: true })
    expect(await saveShopSchool(full.db, { school: 'crystal-gasket', option: 'renew-always' }, NOW)).toEqual({
      ok: true,
    })
    const { text } = await limitsFile(full.db)
    expect(text).toMatch(/"crazeStrain": 1.5/)
    expect(text).toMatch(/"crystal-gasket": "renew-always"/)
    expect(await takeLimitsFile(empty.db, text)).toEqual({ ok: true })
    expect((await limitsFile(empty.db)).text).toBe(text)
  })

  it.each<[string, RegExp]>([
    [
      '{"format":"whyalon-limits","formatVersion":1,"limits":{"crazeStrain":900},"schools":{}}',
      /crazes from strain.*900/,
    ],
    ['{"format":"whyalon-limits","formatVersion":1,"limits":{"nobody":1},"schools":{}}', /nobody/],
    [
      '{"format":"whyalon-limits","formatVersion":1,"limits":{"interference-nylon-lowMm":0.3},"schools":{}}',
      /Nothing taken/,
    ],
    [
      '{"format":"whyalon-limits","formatVersion":1,"limits":{},"schools":{"constructor":"x"}}',
      /“constructor” is no question/,
    ],
    [
      '{"format":"whyalon-limits","formatVersion":1,"limits":{},"schools":{"crystal-gasket":"toString"}}',
      /“toString” is not one of/,
    ],
    [
      '{"format":"whyalon-limits","formatVersion":1,"limits":[],"schools":{}}',
      /“limits” or “schools” is missing/,
    ],
    ['{"format":"whyalon-limits","formatVersion":7}', /version 7; this Whyalon reads version 1/],
    ['x', /not JSON/],
  ])('are refused with what is wrong, and the shop’s own stay: %s', async (text, why) => {
    const before = (await limitsFile(full.db)).text
    expect(told(await takeLimitsFile(full.db, text))).toMatch(why)
    expect((await limitsFile(full.db)).text).toBe(before)
  })

  it('are not overruled by a page that shows what they were', async () => {
    const was = { crazeStrain: '1.5', snapGripMm: '0.12' }
    await saveShopPolicy(full.db, { fields: { ...was, crazeStrain: '1.6' }, was }, NOW)
    // The other page changes another one: both stand.
    expect(await saveShopPolicy(full.db, { fields: { ...was, snapGripMm: '0.13' }, was }, NOW)).toEqual({
      ok: true,
    })
    expect((await limitsFile(full.db)).text).toMatch(/"crazeStrain": 1.6,\n {4}"snapGripMm": 0.13/)
    const refused = await saveShopPolicy(full.db, { fields: { ...was, crazeStrain: '1.7' }, was }, NOW)
    expect(told(refused)).toMatch(/changed elsewhere to “1.6”, was “1.5”/)
    expect(refused).toMatchObject({ now: { crazeStrain: '1.6' } })
    const school = { school: 'crystal-gasket', option: 'keep-if-sound', was: '' }
    expect(told(await saveShopSchool(full.db, school, NOW))).toMatch(
      /changed elsewhere to “always new”, was “as the case asks” here/,
    )
    expect(await saveShopSchool(full.db, { ...school, was: 'renew-always' }, NOW)).toEqual({ ok: true })
  })

  it('all sheets in one file, the same bytes again; those that are here already stay as they are', async () => {
    const { text } = await caseSheetsJson(full.db)
    const { sheets } = JSON.parse(text) as { sheets: object[] }
    expect(sheets.length).toBeGreaterThan(10)
    expect(await takeCaseSheetJson(empty.db, text, NOW)).toEqual({
      ok: true,
      id: null,
      taken: sheets.length,
      known: 0,
    })
    expect((await caseSheetsJson(empty.db)).text).toBe(text)
    expect(await takeCaseSheetJson(empty.db, text, NOW)).toMatchObject({ taken: 0, known: sheets.length })
  })

  it('of several sheets none is taken where one is wrong', async () => {
    const one = { format: 'whyalon-case-sheets', formatVersion: 1 }
    const { sheets } = JSON.parse((await caseSheetsJson(full.db)).text) as { sheets: object[] }
    const named = (reference: string, more = {}) => ({ ...sheets[0], reference, ...more })
    const before = (await caseSheetsJson(full.db)).text
    const file = JSON.stringify({
      ...one,
      sheets: [named('New 1'), named('New 2', { crystalDiameterMm: 900 })],
    })
    expect(told(await takeCaseSheetJson(full.db, file, NOW))).toMatch(/Nothing taken. .*New 2: .*900/)
    expect(told(await takeCaseSheetJson(full.db, JSON.stringify({ ...one, sheets: [7] }), NOW))).toMatch(
      /missing/,
    )
    expect((await caseSheetsJson(full.db)).text).toBe(before)
  })
})
