import { leadTo } from '../../../tests/stores/leadTo'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { policyValues } from '@/core/policy/policyChanges'
import { updatePart } from '@/data/queries/partRecords'
import { drawersSummary, findParts, partHistoryOf } from './drawersPage'
import { exportParts } from './exportParts'
import { saveShopPolicy, shopPolicy } from '../shop/shopPolicy'
import { importParts, mappingFor } from './importParts'
import { labels } from './labels'
import { trayByItsNumber } from '../tray/trayPages'
import { logPressRun } from '../tray/logPressRun'
import { assortment, orderCsv, reorderList } from './orders'
import { pickPair } from '../tray/pickPair'
import { saveShopSchool } from '../shop/shopSchools'
import { putBack } from '../tray/putBack'
import { countPart, receivePart } from './stockCount'
import { takeOut } from '../tray/takeOut'
import { takeReading } from '../tray/takeReading'
import { compareUpgrades } from '../tray/compareUpgrades'
import type { TrayView } from '../tray/trayView'

const NOW = new Date('2026-11-24T10:00:00Z')
const unit = 'mm' as const
const READING = {
  kind: 'crystal',
  supplier: 'Greystone Glass',
  mapping: {
    Article: { field: 'supplierCode', unit },
    Diameter: { field: 'diameterMm', unit },
    Thickness: { field: 'edgeThicknessMm', unit },
    Glass: { field: 'material', unit },
  },
  defaults: {},
  prefix: '',
}
const READ_BORE = {
  dimension: 'bezel-bore',
  placeIndex: 0,
  text: '31.46',
  source: 'typed',
  confirmed: true,
}
const LIST = [
  'Article;Diameter;Thickness;Glass',
  'GX1;45,1;1,0;Mineral',
  'GX2;45,2;1,0;sapphire crystal',
  'GX3;abc;1,0;Mineral',
  'GX4;45,4;1,0;wood',
  'GX1;45,5;1,0;Mineral',
].join('\r\n')

describe.each(testStores())('the drawers on $name', ({ openDemo }) => {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, 120_000)
  afterAll(() => store.close())

  const find = async (q: string, kind = 'crystal', more: object = {}) => {
    const found = await findParts(store.db, { kind, q, ...more })
    if (!found.ok) throw new Error(JSON.stringify(found.errors))
    return found
  }
  const tray = async (number: number): Promise<TrayView> => {
    const view = await trayByItsNumber(store.db, number)
    if (!view) throw new Error(`no tray ${number}`)
    return view
  }
  const imported = (text: string, reading: object = READING) =>
    importParts(store.db, { text, reading }, NOW, () => true)

  it('are searched as a technician speaks', async () => {
    const flat = await find('30.0x1.0 flat')
    expect(flat.rows.map(({ code }) => code)).toEqual(['MF-300-10'])
    const sapphires = await find('29.9..30.1 sapphire')
    expect(sapphires.rows.every((row) => row.material === 'sapphire')).toBe(true)
    expect(sapphires.rows.map((row) => row.diameterMm)).toEqual([29.9, 30, 30.1])
    const ceramic = await find('insert 38 ceramic')
    expect(ceramic).toMatchObject({ kind: 'insert' })
    expect(ceramic.rows.map(({ code }) => code)).toEqual(['I-379-306-C', 'I-384-310-C'])
    expect((await find('@A-01')).rows.every(({ drawer }) => drawer === 'A-01')).toBe(true)
    expect((await find('low')).rows.every(({ quantity, minimum }) => quantity < minimum)).toBe(true)
    expect((await find('100%_')).total).toBe(0)
    expect((await find('x30', 'supply')).total).toBe(0)
    expect((await find('30', 'supply')).total).toBe(0)
  })

  it('come a page at a time, sorted by the server, and refuse what is no page', async () => {
    const first = await find('', 'crystal', { size: 20, sort: 'quantity:desc' })
    const second = await find('', 'crystal', { size: 20, page: 1, sort: 'quantity:desc' })
    expect(first.rows).toHaveLength(20)
    const ids = [...first.rows, ...second.rows].map(({ id }) => id)
    expect(new Set(ids).size).toBe(40)
    expect(first.rows[0]?.quantity ?? 0).toBeGreaterThanOrEqual(second.rows[0]?.quantity ?? 0)
    expect(await findParts(store.db, { kind: 'wheel', q: '' })).toMatchObject({ ok: false })
    expect(await findParts(store.db, { kind: 'crystal', size: 5000 })).toMatchObject({ ok: false })
    // A column nobody knows sorts as usual: it never reaches the database.
    expect((await find('', 'crystal', { sort: 'password:asc' })).rows[0]?.diameterMm).toBe(23.9)
  })

  it('are sorted by price with unknown ones last, whichever way', async () => {
    const [supply] = (await find('', 'supply')).rows
    if (!supply) throw new Error('no supplies')
    const priced = (priceCents: number) => updatePart(store.db, 'supply', supply.id, { priceCents }, NOW)
    await priced(0)
    for (const direction of ['asc', 'desc']) {
      const { rows } = await find('', 'supply', { sort: `priceCents:${direction}` })
      const known = rows.slice(0, -1).map(({ priceCents }) => priceCents)
      expect(rows.at(-1)?.id).toBe(supply.id)
      expect(known).toEqual([...known].sort((a, b) => (direction === 'asc' ? a - b : b - a)))
    }
    await priced(supply.priceCents)
  })

  it('take the good rows of a list, give back the bad ones, and change nothing the second time', async () => {
    const before = (await drawersSummary(store.db)).counts.crystal.lines
    const first = await imported(LIST)
    expect(first).toMatchObject({ ok: true, added: 2, changed: 0, same: 0, finished: true, total: 5 })
    expect(first.ok && first.bad.map(({ line, reason }) => `${line} ${reason}`)).toEqual([
      expect.stringMatching(/^4 Diameter: “abc” is not a figure/),
      expect.stringMatching(/^5 Glass: .*“wood” is not one of/),
      expect.stringMatching(/^6 Code: GX1 stands on line 2 already/),
    ])
    expect((await drawersSummary(store.db)).counts.crystal.lines).toBe(before + 2)
    expect(await imported(LIST)).toMatchObject({ added: 0, changed: 0, same: 2 })
    expect(await mappingFor(store.db, { supplier: 'Greystone Glass', kind: 'crystal' })).toEqual(
      READING.mapping,
    )

    // The shop's own say stays: place, count and minimum are not in the list.
    const line = (await find('GX1')).rows[0]
    if (!line) throw new Error('not landed')
    await receivePart(store.db, { kind: 'crystal', partId: line.id, pieces: 4 }, NOW)
    const dearer = await imported(LIST.replace('GX1;45,1', 'GX1;45,3'))
    expect(dearer).toMatchObject({ added: 0, changed: 1, same: 1 })
    expect((await find('GX1')).rows[0]).toMatchObject({ diameterMm: 45.3, quantity: 4, drawer: 'to place' })
  })

  it('keep the codes of one supplier from another, and stop when told to', async () => {
    const other = await imported(LIST, { ...READING, supplier: 'Gannet Row' })
    expect(other.ok && other.bad.map(({ reason }) => reason)).toContainEqual(
      expect.stringMatching(/GX2 is a line of Greystone Glass already. Give this list a prefix/),
    )
    const prefixed = await imported(LIST, { ...READING, supplier: 'Gannet Row', prefix: 'GR-' })
    expect(prefixed).toMatchObject({ added: 2 })
    const long = [
      'Article;Diameter;Thickness;Glass',
      ...Array.from({ length: 5000 }, (_, i) => `GZ${i};46,0;1,0;Mineral`),
    ]
    const stopped = await importParts(
      store.db,
      { text: long.join('\n'), reading: READING },
      NOW,
      ({ done }) => done < 2000,
    )
    expect(stopped).toMatchObject({ ok: true, finished: false, added: 2000, done: 2000, total: 5000 })
    expect(await imported(long.join('\n'))).toMatchObject({ added: 3000, same: 2000, finished: true })
    expect(await imported(LIST, { ...READING, supplier: '' })).toMatchObject({
      ok: false,
      errors: { supplier: expect.stringMatching(/Supplier is missing/) as string },
    })
    expect(await imported('nothing')).toMatchObject({
      ok: false,
      errors: { file: expect.any(String) as string },
    })
  }, 240_000)

  it('go out as a list that comes back as it was', async () => {
    const file = await exportParts(store.db, { kind: 'crystal', q: 'sapphire 31.2..31.8' })
    if (!file.ok) throw new Error('refused')
    const headings = file.text.split('\n')[0]?.split(',') ?? []
    expect(headings).toContain('Diameter (mm)')
    const { guessColumns } = await import('@/core/stock-list/listColumns')
    const back = await imported(file.text, { ...READING, mapping: guessColumns('crystal', headings, []) })
    expect(back).toMatchObject({ ok: true, added: 0, changed: 0, bad: [] })
  })

  it('are counted and filled up, and remember why', async () => {
    const [line] = (await find('MF-300-10')).rows
    if (!line) throw new Error('missing')
    const part = { kind: 'crystal', partId: line.id }
    const counted = await countPart(store.db, { ...part, counted: line.quantity + 2 }, NOW)
    expect(counted).toEqual({ ok: true, quantity: line.quantity + 2, change: 2 })
    expect(await receivePart(store.db, { ...part, pieces: 3 }, NOW)).toMatchObject({
      quantity: line.quantity + 5,
    })
    for (const [input, message] of [
      [{ ...part, counted: -1 }, /Counted: -1 is less than 0/],
      [{ ...part, counted: NaN }, /Counted: type a whole number/],
      [{ kind: 'crystal', partId: 999_999, counted: 1 }, /not in the drawers any more/],
    ] as const) {
      const refused = await countPart(store.db, input, NOW)
      expect(!refused.ok && Object.values(refused.errors).join(' ')).toMatch(message)
    }
    const history = await partHistoryOf(store.db, { kind: 'crystal', id: line.id })
    expect(history?.moves.slice(0, 2)).toMatchObject([
      { change: 3, reason: 'received', leftThere: line.quantity + 5 },
      { change: 2, reason: 'counted', leftThere: line.quantity + 2 },
    ])
    // Two who count the same shelf at once.
    const twice = await Promise.all([9, 9].map((counted) => countPart(store.db, { ...part, counted }, NOW)))
    expect(twice.map((answer) => answer.ok && answer.quantity)).toEqual([9, 9])
    await countPart(store.db, { ...part, counted: line.quantity + 5 }, NOW)
    await expect(store.db.execute('DELETE FROM stock_moves')).rejects.toThrow()
  })

  it('say what to order, and give it out as CSV', async () => {
    const low = await reorderList(store.db)
    expect(low.length).toBeGreaterThan(5)
    expect(low.every(({ there, minimum, order }) => there < minimum && order === 2 * minimum - there)).toBe(
      true,
    )
    const csv = orderCsv({ lines: low })
    expect(csv.ok && csv.text.split('\n')[0]).toBe(
      'Supplier,Supplier’s code,Our code,Description,Order,Price each,Price',
    )
    expect(orderCsv({ lines: [] })).toMatchObject({ ok: false })
    const run = { fromMm: 28, toMm: 33, stepMm: 0.1, each: 3, edgeThicknessMm: 1, material: 'mineral' }
    const found = await assortment(store.db, run, NOW)
    expect(found.ok && found.sizes).toBe(51)
    expect(found.ok && found.lines.every(({ order }) => order >= 1 && order <= 3)).toBe(true)
    expect(await assortment(store.db, { ...run, stepMm: NaN }, NOW)).toMatchObject({
      ok: false,
      errors: { stepMm: expect.stringMatching(/Step is missing/) as string },
    })
    expect(await assortment(store.db, { ...run, toMm: 20 }, NOW)).toMatchObject({ ok: false })
  })

  it('print labels that say what they stand for', async () => {
    const made = await labels(store.db, { of: 'trays', kind: 'crystal' })
    expect(made.ok && made.pdf.subarray(0, 5).toString()).toBe('%PDF-')
    expect(await labels(store.db, { of: 'parts', kind: 'crystal', q: 'no such thing' })).toMatchObject({
      ok: false,
    })
  })

  it('match every construction from readings to a logged fitting', async () => {
    for (const [number, held, tools] of [
      [230, 'neck-and-bezel', false],
      [231, 'neck-and-bezel', false],
      [232, 'tension-ring-acrylic', true],
      [233, 'cemented', false],
      [228, 'snap-acrylic', false],
    ] as const) {
      const view = await tray(number)
      expect(view.readout.seat).toMatchObject({ ok: true, seat: { retention: held } })
      const [best] = view.shortlist?.fitting ?? []
      if (!best) throw new Error(`nothing fits tray ${number}`)
      const picked = await pickPair(
        store.db,
        { trayId: view.tray.id, crystalId: best.crystal.id, gasketId: best.gasket?.id ?? null },
        NOW,
      )
      if (!picked.ok) throw new Error(JSON.stringify(picked.errors))
      const { press, partsOut } = picked.view
      expect(partsOut).toContainEqual(
        expect.objectContaining({ kind: 'crystal', partId: best.crystal.id, count: 1 }),
      )
      expect(press?.evidence).toMatchObject({ formatVersion: 3, retention: held })
      // What was taken out for this tray still fits it, were it the last one.
      expect(picked.view.shortlist?.fitting[0]?.crystal.id).toBe(best.crystal.id)
      const ids = tools
        ? {
            pressId: picked.view.presses[0]?.id,
            pusherId: press?.pusher?.ok ? press.pusher.best.die.id : undefined,
            supportId: press?.support?.ok ? press.support.best.die.id : undefined,
          }
        : {}
      await leadTo(store.db, picked.view, 'crystal-in', NOW)
      if (tools) {
        const bare = await logPressRun(
          store.db,
          { trayId: view.tray.id, fields: { outcome: 'home', quarterTurns: '2' } },
          NOW,
        )
        expect(!bare.ok && bare.errors.pressId).toMatch(/Press is missing/)
      }
      const logged = await logPressRun(
        store.db,
        { trayId: view.tray.id, ...ids, fields: { outcome: 'home', quarterTurns: tools ? '2' : '0' } },
        NOW,
      )
      if (!logged.ok) throw new Error(`${number} ${JSON.stringify(logged.errors)}`)
      const pressIn = logged.view.job.stages.find(({ stage }) => stage === 'press-in')
      expect(pressIn?.stepsDone).toContain('crystal-in')
    }
  })

  it('take both rings of a removable bezel together, and put back what a new pick leaves', async () => {
    const view = await tray(229)
    const [best, second] = view.shortlist?.fitting ?? []
    const ring = view.shortlist?.bezelRings[0]
    if (!best?.gasket || !second?.gasket || !ring) throw new Error('nothing fits')
    expect(ring.gasket.family).toBe('Signal 2')
    const pick = (c: typeof best) =>
      pickPair(
        store.db,
        {
          trayId: view.tray.id,
          crystalId: c.crystal.id,
          gasketId: c.gasket?.id ?? null,
          bezelGasketId: ring.gasket.id,
        },
        NOW,
      )
    await pick(best)
    const again = await pick(second)
    if (!again.ok) throw new Error('refused')
    expect(again.view.partsOut.map(({ partId }) => partId).sort()).toEqual(
      [second.crystal.id, second.gasket.id, ring.gasket.id].sort(),
    )
    expect(again.view.press?.bezelGasket?.id).toBe(ring.gasket.id)
    const wrong = await pickPair(
      store.db,
      { trayId: view.tray.id, crystalId: best.crystal.id, gasketId: null },
      NOW,
    )
    expect(!wrong.ok && wrong.errors.form).toMatch(/does not take such parts/)
    const put = { trayId: view.tray.id, kind: 'gasket', partId: ring.gasket.id }
    expect((await putBack(store.db, put, NOW)).ok).toBe(true)
    const twice = await putBack(store.db, put, NOW)
    expect(!twice.ok && twice.errors.form).toMatch(/not out for this tray/)
  })

  it('judge crystal and rings with a new bezel on once it is out, and as before once it is back', async () => {
    const before = await tray(229)
    const wider = before.bezelWork?.bezel?.fitting.find(({ bezel }) => bezel.code === 'B-370-S2W')
    if (!wider?.set?.crystal) throw new Error('no set for the wider bezel')
    expect(before.setParts.map(({ code }) => code)).toEqual([null, null])
    const part = { trayId: before.tray.id, kind: 'bezel', partId: wider.bezel.id }
    const out = await takeOut(store.db, part, NOW)
    if (!out.ok) throw new Error(JSON.stringify(out.errors))
    const { view } = out
    expect(view.newBezel?.code).toBe('B-370-S2W')
    const bore = (of: TrayView) => (of.readout.seat.ok ? of.readout.seat.seat.across : null)
    expect(bore(view)).toMatchObject({ valueMm: 31.45, origin: 'supplier' })
    expect(view.asFound?.readout.seat).toEqual(before.readout.seat)
    // What was promised for it is what the shortlist then says, and the last one taken still serves.
    const [best] = view.shortlist?.fitting ?? []
    if (!best?.gasket) throw new Error('nothing fits')
    expect(best.probability).toBeCloseTo(wider.set.crystal.probability, 12)
    expect(view.setParts[0]).toMatchObject({ code: 'B-370-S2W', probability: wider.probability })
    const bySupplier = { crystalId: best.crystal.id, gasketId: best.gasket.id }
    const picked = await pickPair(store.db, { trayId: before.tray.id, ...bySupplier }, NOW)
    if (!picked.ok) throw new Error(JSON.stringify(picked.errors))
    const { evidence } = picked.view.press ?? {}
    expect(evidence?.formatVersion === 3 && evidence.figures['bezel-bore']).toMatchObject({
      origin: 'supplier',
    })
    expect(evidence?.reasons.join(' ')).toMatch(/bezel’s bore is as its supplier gives it/)
    // Its own readings count; those of the old bezel from before do not, and come back with it.
    const read = await takeReading(
      store.db,
      { ...READ_BORE, trayId: before.tray.id, instrumentId: before.instruments[0]?.id },
      new Date(NOW.getTime() + 60_000),
    )
    expect(read.ok && bore(read.view)).toMatchObject({ origin: 'measured' })
    const later = new Date(NOW.getTime() + 120_000)
    await putBack(store.db, part, later)
    expect(await takeOut(store.db, part, later)).toMatchObject({ ok: true })
    const again = await tray(229)
    expect(bore(again)).toMatchObject({ origin: 'supplier' })
    expect(again.readings.map(({ voidReason }) => voidReason)).toEqual(['of the old bezel'])
    const back = await putBack(store.db, part, later)
    expect(back.ok && bore(back.view)).toMatchObject({ origin: 'measured' })
    expect(back.ok && back.view.newBezel).toBeNull()
    expect(back.ok && back.view.asFound).toBeNull()
  })

  it('offer no seals of a head that stays shut', async () => {
    expect((await tray(226)).sheet.backSeal).not.toBe('none')
    expect((await tray(226)).seals).toEqual([])
  })

  it('hold the seals, the insert and the bezel of a case', async () => {
    const reseal = await tray(205)
    const back = reseal.seals.find(({ id }) => id === 'back')?.choices[0]
    if (!back) throw new Error('no back seal')
    expect(back.words).toMatch(/^2(8\.50|9\.00) × 0\.80 nitrile$/)
    const out = await takeOut(store.db, { trayId: reseal.tray.id, kind: back.kind, partId: back.partId }, NOW)
    expect(out.ok && out.view.partsOut).toContainEqual(expect.objectContaining({ kind: 'o-ring', count: 1 }))
    const insert = (await tray(226)).bezelWork?.insert
    expect(insert?.fitting[0]?.insert.code).toBe('I-379-306-K')
    expect(insert?.rejected.flatMap(({ failures }) => failures).join(' ')).toMatch(/belongs to Reef/)
    const bezel = (await tray(229)).bezelWork?.bezel
    expect(bezel?.fitting.map(({ bezel: { code } }) => code).sort()).toEqual(['B-370-S2', 'B-370-S2W'])
    const ring = (await tray(229)).bezelWork?.chapterRing
    expect(ring?.missing).toBeNull()
    expect(ring?.fitting.map(({ ring: { code } }) => code)).toEqual(['R-309-276-S2', 'R-308-275'])
    expect(ring?.rejected.map(({ failures }) => failures[0])).toEqual([
      expect.stringMatching(/belongs to Signal 1/),
      expect.stringMatching(/0.30 higher than the old ring/),
    ])
  })

  it('propose no die that is not there any more', async () => {
    const support = async () => (await tray(212)).press?.support
    const before = await support()
    if (!before?.ok) throw new Error('no support')
    const die = before.best.die
    const counted = await countPart(store.db, { kind: 'die', partId: die.id, counted: 0 }, NOW)
    expect(counted).toEqual({ ok: true, quantity: 0, change: -1 })
    const after = await support()
    expect(after?.ok === true ? after.best.die.code : '').not.toBe(die.code)
    expect((await tray(212)).dies.map(({ code }) => code)).not.toContain(die.code)
    await countPart(store.db, { kind: 'die', partId: die.id, counted: 1 }, NOW)
    expect(await support()).toEqual(before)
  })

  it('compare what else a case could have', async () => {
    const view = await tray(214)
    const found = await compareUpgrades(store.db, { trayId: view.tray.id }, NOW)
    if (!found.ok) throw new Error('refused')
    expect(found.upgrades.map(({ variant }) => variant.material)).toEqual(['mineral', 'sapphire'])
    const [mineral, sapphire] = found.upgrades
    const factor = (of: typeof mineral) => of?.load?.strength.found.factor ?? NaN
    const room = (of: typeof mineral) => of?.load?.hands?.clearanceMm ?? NaN
    expect(factor(sapphire)).toBeGreaterThan(factor(mineral))
    expect(room(sapphire)).toBeGreaterThan(room(mineral))
    expect(sapphire?.priceCents ?? 0).toBeGreaterThan(mineral?.priceCents ?? 0)
    // What is said of a choice is the same wherever it stands: here, in the list, among the rejected ones.
    const { fitting = [], rejected = [] } = view.shortlist ?? {}
    const listed = fitting.find(({ crystal }) => crystal.id === mineral?.candidate.crystal.id)
    const { reasons, warning, refusal } = mineral?.candidate ?? {}
    expect(listed).toMatchObject({ reasons, warning, refusal })
    for (const candidate of rejected.map((one) => one.candidate).concat(fitting))
      expect(candidate.reasons.join(' ')).toMatch(/MPa/)
    expect(await compareUpgrades(store.db, { trayId: 999_999 }, NOW)).toMatchObject({ ok: false })
  })

  it('leave it to the shop what it always does where practitioners differ', async () => {
    const school = async () =>
      (await tray(217)).job.procedure.steps.find(({ school: s }) => s?.id === 'back-seal')
    expect((await school())?.school?.option).toBe('keep-if-sound')
    expect(await saveShopSchool(store.db, { school: 'back-seal', option: 'renew' }, NOW)).toEqual({
      ok: true,
    })
    expect((await school())?.school).toMatchObject({
      option: 'renew',
      because: 'this shop always does it so',
    })
    expect(await saveShopSchool(store.db, { school: 'back-seal', option: 'glue' }, NOW)).toMatchObject({
      ok: false,
    })
    expect(await saveShopSchool(store.db, { school: 'back-seal', option: '' }, NOW)).toEqual({ ok: true })
    expect((await school())?.school?.option).toBe('keep-if-sound')
  })

  it('are judged by the shop’s own limits once it set some', async () => {
    expect(await saveShopPolicy(store.db, { fields: { 'interference-nylon-highMm': '0,03' } }, NOW)).toEqual({
      ok: true,
    })
    const { policy, shortlist } = await tray(214)
    expect(policy.interferenceBands.nylon.highMm).toBe(0.03)
    expect(shortlist?.fitting.every(({ gasket }) => gasket?.material !== 'nylon')).toBe(true)
    const crossed = await saveShopPolicy(store.db, { fields: { 'interference-nylon-lowMm': '0.2' } }, NOW)
    expect(!crossed.ok && crossed.errors['interference-nylon-lowMm']).toMatch(/must be below the most/)
    expect(await saveShopPolicy(store.db, { fields: { 'interference-nylon-highMm': '0.10' } }, NOW)).toEqual({
      ok: true,
    })
    expect((await shopPolicy(store.db)).fit.interferenceBands.nylon.highMm).toBe(0.1)
  })

  it.each([
    ['an O-ring', { 'seal-squeeze-high': '16' }, 205, (v: TrayView) => v.seals.find((s) => s.id === 'back')],
    [
      'a flat gasket',
      { 'flat-nitrile-low': '25' },
      212,
      (v: TrayView) => v.seals.find((s) => s.id === 'back'),
    ],
    ['an insert', { 'insert-adhesive-highMm': '0.03' }, 226, (v: TrayView) => v.bezelWork?.insert],
    ['a chapter ring', { 'chapter-outer-highMm': '-0.05' }, 229, (v: TrayView) => v.bezelWork?.chapterRing],
    [
      'a crystal’s strength',
      { 'strength-factor': '1' },
      205,
      (v: TrayView) => v.shortlist?.fitting[0]?.reasons,
    ],
    ['the size', { 'verdict-maker': '0.09' }, 212, (v: TrayView) => v.readout.verdict?.candidates],
  ])('judge %s by the shop’s own limit, and as before once it is set back', async (_, own, number, of) => {
    const before = of(await tray(number))
    const builtIn = policyValues(await shopPolicy(store.db))
    expect(await saveShopPolicy(store.db, { fields: own }, NOW)).toEqual({ ok: true })
    expect(of(await tray(number))).not.toEqual(before)
    const back = Object.fromEntries(Object.keys(own).map((name) => [name, String(builtIn[name])]))
    expect(await saveShopPolicy(store.db, { fields: back }, NOW)).toEqual({ ok: true })
    expect(of(await tray(number))).toEqual(before)
  })
})
