import { extractText, getDocumentProxy } from 'unpdf'
import { testStores } from '../../../tests/stores/testStores'
import { trayThere } from '../../../tests/stores/trayThere'
import type { Store } from '@/data/client'
import { ownerWords } from '@/data/schema'
import { saveShopPaper } from '../shop/shopPaper'
import { correctIntake } from './correctIntake'
import { trayLabels } from './trayLabels'
import { reportFile, reportOfTray } from './trayReportPage'
import { wordForOwner } from './wordForOwner'

const NOW = new Date('2036-11-24T09:00:00Z')
/** Of the demo: at Prove and tight; its owner's Tidal 4 was here before. */
const TIGHT = 203

describe.each(testStores())('the owner’s letter, on $name', ({ openDemo }) => {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  const word = async (key: string, words: string | null) =>
    wordForOwner(store.db, { trayId: (await trayThere(store, TIGHT)).tray.id, key, words }, NOW)
  const letter = async () => {
    const page = await reportOfTray(store.db, TIGHT, NOW)
    if (!page?.ok) throw new Error('no report')
    return page.letter
  }
  const line = async (key: string) =>
    (await letter()).parts.flatMap(({ lines }) => lines).find((one) => one.key === key)

  it('keeps what is worded, what is left out, and takes both back', async () => {
    const drafted = (await line('complaint'))?.drafted ?? ''
    expect(drafted).toMatch(/swims every morning/)
    expect(await word('complaint', ' You swim with it. ')).toMatchObject({ ok: true })
    expect(await line('complaint')).toMatchObject({ words: 'You swim with it.', drafted })
    expect(await word('complaint', '')).toMatchObject({ ok: true })
    expect(await line('complaint')).toMatchObject({ leftOut: true })
    expect(await word('complaint', null)).toMatchObject({ ok: true })
    expect(await line('complaint')).toMatchObject({ words: drafted, leftOut: false })
    expect(await store.db.select().from(ownerWords)).toHaveLength(3)
  })

  it('takes a line of the shop’s own, and refuses one that is not there or too long', async () => {
    expect(await word('own', 'Thank you for waiting.')).toMatchObject({ ok: true })
    expect(await line('own')).toMatchObject({ words: 'Thank you for waiting.' })
    const strange = await word('toString', 'x')
    expect(strange.ok ? '' : strange.errors['form']).toMatch(/not in the letter any more/)
    const long = await word('own', 'x'.repeat(401))
    expect(long.ok ? '' : long.errors['words']).toMatch(/more than 400 characters\. Shorten it/)
  })

  it('stands on paper under the shop’s name, its figures in the shop’s way, and what it cost beside the quote', async () => {
    const paper = { letterhead: 'Bench of the pier\nOsterhaven', decimals: 'comma', hourCents: '48' }
    expect(await saveShopPaper(store.db, paper, NOW)).toEqual({ ok: true })
    const { tray } = await trayThere(store, TIGHT)
    const quoted = { quoteCents: '90', quoteMinutes: '60', quoteSpecialist: 'tube' }
    const intake = {
      ...{
        owner: tray.owner,
        ownerMark: '',
        crystalState: 'whole',
        asked: 'crystal',
        classBar: '10',
        use: 'everyday',
      },
      ...{ complaint: tray.complaint, gasketPresent: true, dueAt: '2036-11-30T11:00', wear: '4', ...quoted },
    }
    expect(await correctIntake(store.db, { trayId: tray.id, fields: intake }, NOW)).toMatchObject({
      ok: true,
    })
    const file = await reportFile(store.db, TIGHT, NOW)
    if (!file?.ok) throw new Error('no file')
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(file.pdf)), { mergePages: true })
    expect(text).toMatch(/Bench of the pier/)
    expect(text).toMatch(/31,5 × 1,5 flat sapphire/)
    expect(text).not.toMatch(/31\.5/)
    expect(text).toMatch(/Tested dry under 10,0 bar: it is tight/)
    expect(text).toMatch(/Seals to be looked at again by 24 Nov 2038/)
    expect(text).toMatch(/Quoted\s+90,00, 1 h/)
    expect(text).toMatch(/Came to\s+[\d,]+, [\d,]+ (more|less) than quoted/)
    const wrong = await saveShopPaper(store.db, { ...paper, decimals: 'dot' }, NOW)
    expect(wrong.ok ? '' : wrong.errors['decimals']).toMatch(/“dot” is not one of/)
  })

  it('goes with labels for the bag and for inside the back', async () => {
    const file = await trayLabels(store.db, TIGHT, NOW)
    if (!file?.ok) throw new Error('no labels')
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(file.pdf)), { mergePages: true })
    expect(text).toMatch(/old back seal/)
    expect(text).toMatch(/dry test 10\.0 bar, tight/)
    expect(text).toMatch(/seals by 24 Nov 2038/)
    expect(await trayLabels(store.db, 999_999, NOW)).toBeNull()
  })

  it('tells a piece that was here before, what was done then beside what is found now', async () => {
    const { returned } = await trayThere(store, TIGHT)
    expect(returned).toMatchObject({ trayNumber: 153, maybe: true })
    const done = returned?.rows.find(({ what }) => what === 'Done')
    expect(done?.then.join(' ')).toMatch(/New crystal: 31\.5 × 1\.5 flat sapphire/)
    expect(done?.now.length).toBeGreaterThan(0)
    expect((await trayThere(store, 235)).returned).toBeNull()
  })
})
