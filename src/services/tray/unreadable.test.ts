import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { insertReadings } from '@/data/queries/readings'
import { claimRevision, trayByNumber } from '@/data/queries/trays'
import { benchView } from '../bench/benchView'
import { caseSheetJsonOf, takeCaseSheetJson } from '../sheets/exchangeSheets'
import { caseSheetLines, caseSheetPage } from '../sheets/sheetPages'
import { takeReading } from './takeReading'
import { findTrays, trayPage } from './trayPages'

const NOW = new Date('2026-11-24T10:00:00Z')
const DAMAGED = 214
const UNKNOWN = /Crystal held: “magnet-ring” is no construction this version knows.*or a newer one/

describe.each(testStores())('what is kept and cannot be judged, on $name', ({ openDemo }) => {
  let store: Store
  let sheetId: number
  beforeAll(async () => {
    store = await openDemo()
    sheetId = (await trayByNumber(store.db, DAMAGED))?.sheet.id ?? 0
    await store.db.execute(`update case_sheets set retention = 'magnet-ring' where id = ${sheetId}`)
  }, 240_000)
  afterAll(() => store.close())

  it('is named on the Bench, which shows every other tray', async () => {
    const { trays, unreadable } = await benchView(store.db, NOW)
    expect(unreadable.find(({ number }) => number === DAMAGED)?.trouble).toMatch(UNKNOWN)
    expect(trays.length).toBeGreaterThan(10)
    expect(trays.map(({ number }) => number)).not.toContain(DAMAGED)
  })

  it('is said on its tray and its sheet, and found in the lists', async () => {
    expect(await trayPage(store.db, DAMAGED)).toEqual({
      ok: false,
      trouble: expect.stringMatching(UNKNOWN) as string,
    })
    expect(await caseSheetPage(store.db, sheetId)).toMatchObject({
      ok: false,
      trouble: expect.stringMatching(UNKNOWN) as string,
    })
    expect((await caseSheetLines(store.db)).map(({ sheet }) => sheet.id)).toContain(sheetId)
    const found = await findTrays(store.db, { q: String(DAMAGED) })
    expect(found.ok && found.rows.map(({ number }) => number)).toContain(DAMAGED)
  })

  it('refuses a change with the reason, and nothing is written', async () => {
    const row = await trayByNumber(store.db, DAMAGED)
    const sent = { dimension: 'bore', placeIndex: 0, text: '30.95', source: 'typed', confirmed: false }
    const outcome = await takeReading(store.db, { trayId: row?.tray.id, instrumentId: 1, ...sent }, NOW)
    expect(outcome).toMatchObject({ ok: false, errors: { form: expect.stringMatching(UNKNOWN) as string } })
    expect((await trayByNumber(store.db, DAMAGED))?.tray.revision).toBe(row?.tray.revision)
  })

  it('is refused by name when a sheet of a newer version is brought in', async () => {
    const sheet = (await caseSheetLines(store.db)).find(({ sheet: { id } }) => id !== sheetId)?.sheet
    const document = await caseSheetJsonOf(store.db, sheet?.id ?? 0)
    const newer = (document?.text ?? '')
      .replace(sheet?.reference ?? '', 'Newer 1')
      .replace(sheet?.retention ?? '', 'magnet-ring')
    const outcome = await takeCaseSheetJson(store.db, newer, NOW)
    expect(outcome).toMatchObject({
      ok: false,
      errors: { file: expect.stringMatching(/magnet-ring/) as string },
    })
  })

  it('leaves the rest of a page where a reading was kept with an error that cannot be', async () => {
    const { tray, instruments } = await openBrokenTray(store.db, 'Two alike', NOW)
    const [caliper] = instruments
    if (!caliper) throw new Error('no instrument')
    await insertReadings(
      store.db,
      (['bore', 'crystal-diameter'] as const).map((dimension, at) => ({
        trayId: tray.id,
        dimension,
        placeIndex: 0,
        shownMm: [30.95, 30][at] ?? 0,
        instrumentId: caliper.id,
        resolutionMm: 0.01,
        maximumPermissibleErrorMm: 0,
        zeroOffsetMm: 0,
        ownUncertaintyMm: at === 0 ? 0 : 0.003,
        zeroUncertaintyMm: 0,
        scaleUncertainty: 0,
        source: 'typed' as const,
        takenAt: NOW,
      })),
    )
    const row = await trayByNumber(store.db, tray.number)
    await claimRevision(store.db, tray.id, row?.tray.revision ?? 0)
    const page = await trayPage(store.db, tray.number)
    if (!page?.ok) throw new Error('no page')
    expect(page.view.readout.trouble).toMatch(
      /^Case bore, [^:]+: kept with an instrument’s error that cannot be.*read it again/,
    )
    expect(page.view.readings).toHaveLength(2)
    expect(page.view.readout.measured.bore).toBeUndefined()
    expect(page.view.readout.verdict?.pick.sizeMm).toBe(30)
    const { trays } = await benchView(store.db, NOW)
    expect(trays.map(({ number }) => number)).toContain(tray.number)
  })
})
