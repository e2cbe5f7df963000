import { testStores } from '../../../tests/stores/testStores'
import { CASE_KINDS } from '@/core/construction/caseKinds'
import type { Store } from '@/data/client'
import { readingsOf } from '@/data/queries/readings'
import { readingsCsvOf, takeReadingsCsv } from '../tray/exchangeReadings'
import { caseSheetJsonOf, takeCaseSheetJson } from './exchangeSheets'
import { trayByItsNumber } from '../tray/trayPages'
import { openTray } from '../tray/openTray'
import { startShop } from '../shop/startShop'
import { takeBackReading, takeReading } from '../tray/takeReading'
import type { TrayView } from '../tray/trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('files out and in, on $name', ({ open }) => {
  let store: Store
  let first: TrayView
  let second: TrayView
  beforeAll(async () => {
    store = await open()
    await startShop(store.db)
    first = await newTray('Out')
    second = await newTray('In')
  }, 240_000)
  afterAll(() => store.close())

  async function newTray(reference: string): Promise<TrayView> {
    const { label, classBar, diver, use, ...sheet } = CASE_KINDS.everyday
    const opened = await openTray(
      store.db,
      {
        newSheet: { ...sheet, maker: 'Quillfen', reference },
        fields: {
          owner: 'Bram Hollis',
          dueAt: '2026-12-01T16:00:00.000Z',
          crystalState: 'whole',
          classBar,
          diver,
          use,
          gasketPresent: true,
        },
      },
      NOW,
    )
    const view = opened.ok ? await trayByItsNumber(store.db, opened.number) : null
    if (!view) throw new Error(JSON.stringify(opened))
    return view
  }
  const refused = (outcome: { ok: boolean; errors?: Readonly<Record<string, string>> }) => {
    if (outcome.ok || !outcome.errors) throw new Error('it was taken')
    return Object.values(outcome.errors).join(' ')
  }

  it('readings go from one tray to another and lose nothing; the same file twice changes nothing', async () => {
    for (const [placeIndex, text] of ['30.95', '30.96', '30.94'].entries()) {
      const input = {
        trayId: first.tray.id,
        dimension: 'bore',
        placeIndex,
        text,
        instrumentId: first.instruments[0]?.id,
        source: 'typed',
        confirmed: false,
      }
      const result = await takeReading(store.db, input, NOW)
      if (!result.ok) throw new Error(JSON.stringify(result))
      if (placeIndex === 2) {
        const readingId = result.view.readings.at(-1)?.id
        await takeBackReading(store.db, { trayId: first.tray.id, readingId, reason: 'jaws, tilted' }, NOW)
      }
    }
    const file = await readingsCsvOf(store.db, first.tray.id)
    if (!file) throw new Error('no file')
    expect(file.name).toBe(`tray-${first.tray.number}-readings.csv`)
    expect(await takeReadingsCsv(store.db, second.tray.id, file.text, NOW)).toEqual({
      ok: true,
      added: 3,
      known: 0,
    })
    expect(await takeReadingsCsv(store.db, second.tray.id, file.text, NOW)).toEqual({
      ok: true,
      added: 0,
      known: 3,
    })
    expect((await readingsCsvOf(store.db, second.tray.id))?.text).toBe(file.text)
    const kept = await readingsOf(store.db, [first.tray.id, second.tray.id])
    // When they were read is the file's word; when they came here is ours.
    const broughtIn = (trayId: number) => new Set(kept.get(trayId)?.map((one) => one.broughtInAt?.getTime()))
    expect(broughtIn(second.tray.id)).toEqual(new Set([NOW.getTime()]))
    expect(broughtIn(first.tray.id)).toEqual(new Set([undefined]))
    expect(await readingsCsvOf(store.db, 99999)).toBeNull()
  })

  it('takes nothing of a file with a wrong line or a strange instrument, and says which', async () => {
    const file = await readingsCsvOf(store.db, first.tray.id)
    const text = file?.text ?? ''
    expect(
      refused(await takeReadingsCsv(store.db, second.tray.id, text.replace('30.96', '309.6'), NOW)),
    ).toMatch(/Nothing taken. line 3, shown_mm: 309.6 is outside 8–60 mm/)
    expect(
      refused(await takeReadingsCsv(store.db, second.tray.id, text.replaceAll('Caliper', 'Ruler'), NOW)),
    ).toMatch(/Instrument “Ruler” is not in Settings/)
    expect(refused(await takeReadingsCsv(store.db, second.tray.id, '', NOW))).toMatch(
      /heading names no dimension/,
    )
    expect(refused(await takeReadingsCsv(store.db, 99999, text, NOW))).toMatch(/not there/)
  })

  it('a case sheet goes out and in under another name, and not over one that is there', async () => {
    const file = await caseSheetJsonOf(store.db, first.sheet.id)
    if (!file) throw new Error('no file')
    expect(file.name).toBe('quillfen-out.case-sheet.json')
    expect(refused(await takeCaseSheetJson(store.db, file.text, NOW))).toMatch(
      /Quillfen Out has a sheet here already/,
    )
    const taken = await takeCaseSheetJson(store.db, file.text.replace('"Out"', '"Out again"'), NOW)
    if (!taken.ok) throw new Error(JSON.stringify(taken.errors))
    const again = await caseSheetJsonOf(store.db, taken.id ?? 0)
    expect(again?.text.replace('"Out again"', '"Out"')).toBe(file.text)
    expect(
      refused(
        await takeCaseSheetJson(
          store.db,
          file.text.replace('"Out"', '"X"').replace('"boreMm": null', '"boreMm": 900'),
          NOW,
        ),
      ),
    ).toMatch(/Nothing taken. Quillfen X: Case bore: 900 mm is outside/)
    expect(refused(await takeCaseSheetJson(store.db, 'x', NOW))).toMatch(/not JSON/)
    expect(await caseSheetJsonOf(store.db, 99999)).toBeNull()
  })
})
