import { extractText, getDocumentProxy } from 'unpdf'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import type { ClockForm } from '@/core/units/clockForm'
import type { Store } from '@/data/client'
import { saveShopClock } from '../shop/shopTimes'
import { finishStage } from './finishStage'
import { noteFinding } from './noteFinding'
import { reportFile, reportOfTray } from './trayReportPage'

const NOW = new Date('2026-11-24T10:00:00Z')

let store: Store
beforeAll(async () => {
  const [embedded] = testStores()
  if (!embedded) throw new Error('no store to test with')
  store = await embedded.open()
}, 240_000)
afterAll(() => store.close())

describe('the report of a tray', () => {
  it('is on paper what it is on the screen, letter by letter', async () => {
    const { tray } = await openBrokenTray(store.db, 'Report 1', NOW)
    const trayId = tray.id
    const found = {
      trayId,
      kind: 'cannot-repair',
      words: 'gouge by 4, “Łódź” engraved; Ελλάδα',
      stage: 'intake',
    }
    expect(await noteFinding(store.db, found, NOW)).toMatchObject({ ok: true })
    const reason = 'stopped at the counter'
    expect(await finishStage(store.db, { trayId, stage: 'intake', reason }, NOW)).toMatchObject({ ok: true })

    const page = await reportOfTray(store.db, tray.number, new Date())
    if (!page?.ok) throw new Error('no report')
    const file = await reportFile(store.db, tray.number, new Date())
    if (!file?.ok) throw new Error('no file')
    expect(file.name).toBe(`report-tray-${tray.number}.pdf`)
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(file.pdf)), { mergePages: true })
    const plain = (words: string) => words.replace(/\s+/g, '')
    expect(plain(text)).toContain(plain(found.words))
    expect(plain(text)).toContain(plain(`: “${reason}”`))
    const { sections, notes } = page.report
    for (const { title, lines, none } of sections) {
      expect(plain(text)).toContain(plain(title))
      for (const { words } of lines.length > 0 ? lines : [{ words: none }])
        expect(plain(text)).toContain(plain(words))
    }
    expect(text).toMatch(new RegExp(`Report, tray ${tray.number}, page 1 of \\d`))
    for (const note of notes) expect(plain(text)).toContain(plain(note))
  })

  it('writes times as the shop does', async () => {
    const { tray } = await openBrokenTray(store.db, 'Report 2', NOW)
    const leftOut = { trayId: tray.id, stage: 'intake', reason: 'stopped at the counter' }
    expect(await finishStage(store.db, leftOut, NOW)).toMatchObject({ ok: true })
    const onPaper = async (clock: ClockForm) => {
      expect(await saveShopClock(store.db, { clock }, NOW)).toEqual({ ok: true })
      const file = await reportFile(store.db, tray.number, new Date())
      if (!file?.ok) throw new Error('no file')
      return (await extractText(await getDocumentProxy(new Uint8Array(file.pdf)), { mergePages: true })).text
    }
    expect(await onPaper('12-hour')).toMatch(/24 Nov 2026 \d{1,2}:00 [AP]M/)
    const usual = await onPaper('24-hour')
    expect(usual).toMatch(/24 Nov 2026 \d{2}:00/)
    expect(usual).not.toMatch(/:00 [AP]M/)
    const wrong = await saveShopClock(store.db, { clock: '10-hour' }, NOW)
    expect(!wrong.ok && wrong.errors['clock']).toMatch(/Time of day/)
  })

  it('is none for a number no tray has', async () => {
    expect(await reportOfTray(store.db, 999_999, new Date())).toBeNull()
    expect(await reportFile(store.db, 0, new Date())).toBeNull()
  })
})
