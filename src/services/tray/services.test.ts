import { sql } from 'drizzle-orm'
import { stockCrystal } from '../../../tests/factories/parts'
import { finished, handedBack } from '../../../tests/stores/handedBack'
import { testStores } from '../../../tests/stores/testStores'
import type { DimensionId } from '@/core/readings/dimensions'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import { instrumentFor } from '@/core/readings/instrumentFor'
import type { Store } from '@/data/client'
import { loadDemo } from '@/data/demo/loadDemo'
import { insertCrystals } from '@/data/queries/stock'
import { crystals, gaskets, readings } from '@/data/schema'
import { benchView } from '../bench/benchView'
import { drawersSummary } from '../drawers/drawersPage'
import { caseSheetLines } from '../sheets/sheetPages'
import { newTrayChoices } from '../tray/newTrayChoices'
import { trayByItsNumber, findTrays } from '../tray/trayPages'
import { logPressRun } from './logPressRun'
import { finishStage } from './finishStage'
import { openTray } from './openTray'
import { pickPair } from './pickPair'
import { tickTray } from './tickTray'
import type { RecordKind } from '../shop/records'
import { saveRecord } from '../shop/records'
import { simulatedLine } from '../instruments/simulatedLine'
import { startShop } from '../shop/startShop'
import { takeBackReading, takeReading } from './takeReading'
import type { TrayView } from './trayView'

const DAY = new Date('2026-11-24T00:00:00Z')
const NOW = new Date('2026-11-24T10:00:00Z')
const LATER = '2026-12-01T16:00:00.000Z'
/** What every sheet has to say; no figure is known yet. */
const BARE = {
  retention: 'tension-gasket',
  magnifier: 'none',
  bezelKind: 'none',
  chapterRing: 'none',
  backSeal: 'o-ring',
  movementKind: 'mechanical',
  crownKind: 'push-pull',
}
const TRAY = {
  crystalState: 'shattered',
  owner: 'Skerrow Ferry Line',
  ownerMark: 'ferry no. 5',
  dueAt: LATER,
  gasketPresent: true,
  asked: 'crystal',
  classBar: 5,
  diver: false,
  use: 'everyday',
}

describe.each(testStores())('the bench on $name', ({ openDemo }) => {
  let store: Store
  beforeAll(async () => {
    store = await openDemo()
  }, 240_000)
  afterAll(() => store.close())

  async function sheetId(name: string): Promise<number> {
    const { sheets } = await newTrayChoices(store.db)
    const sheet = sheets.find((s) => s.name === name)
    if (!sheet) throw new Error(name)
    return sheet.id
  }

  async function newTray(caseName = 'Harrowmere Deckwatch 38', over: object = {}): Promise<TrayView> {
    const opened = await openTray(
      store.db,
      { caseSheetId: await sheetId(caseName), fields: { ...TRAY, ...over } },
      NOW,
    )
    if (!opened.ok) throw new Error(JSON.stringify(opened.errors))
    const view = await trayByItsNumber(store.db, opened.number)
    if (!view) throw new Error('not there')
    return view
  }

  function read(view: TrayView, dimension: DimensionId, placeIndex: number, text: string, over: object = {}) {
    // A dimension nobody knows is sent with the first instrument there is.
    const known = DIMENSION_IDS.includes(dimension)
    const instrumentId = (known ? instrumentFor(dimension, view.instruments) : view.instruments[0])?.id
    const input = {
      trayId: view.tray.id,
      dimension,
      placeIndex,
      text,
      instrumentId,
      source: 'typed',
      confirmed: false,
      ...over,
    }
    return takeReading(store.db, input, NOW)
  }

  /** The crystal, as it is before it goes under a press. */
  async function cleaned(trayId: number): Promise<void> {
    const ticked = await tickTray(store.db, { trayId, subject: 'step:crystal-clean', done: true }, NOW)
    if (!ticked.ok) throw new Error(JSON.stringify(ticked.errors))
  }

  async function measured(view: TrayView): Promise<TrayView> {
    const values: [DimensionId, string[]][] = [
      ['crystal-edge', ['1.01', '1.02', '1,01']],
      ['bore', ['30.94', '30.95', '30.96', '30.95']],
      ['gasket-wall', ['0.50', '0.50', '0.49']],
      ['gasket-height', ['1.00', '1.01']],
      ['opening', ['29.95', '29.96', '29.94']],
      ['seat-depth', ['1.05', '1.06']],
    ]
    let latest = view
    for (const [dimension, texts] of values) {
      for (const [place, text] of texts.entries()) {
        const result = await read(view, dimension, place, text)
        if (!result.ok || !('view' in result)) throw new Error(JSON.stringify(result))
        latest = result.view
      }
    }
    return latest
  }

  it('takes a figure only from an instrument that reaches the dimension, and asks once at a pinch', async () => {
    const view = await newTray()
    const by = (kind: string) => ({ instrumentId: view.instruments.find((i) => i.kind === kind)?.id })
    const gauge = by('thickness-gauge')
    expect(await read(view, 'bore', 0, '30.95', gauge)).toMatchObject({
      ok: false,
      errors: {
        instrument: expect.stringMatching(/^Case bore: a thickness gauge does not reach it/) as string,
      },
    })
    expect(await read(view, 'bore', 0, '30.95', { ...gauge, confirmed: true })).toMatchObject({ ok: false })
    const caliper = by('caliper')
    const asked = await read(view, 'crystal-edge', 0, '1.01', caliper)
    expect(asked).toMatchObject({
      ok: false,
      ask: {
        valueMm: 1.01,
        suggestionMm: null,
        keepAllowed: true,
        message: expect.stringMatching(/reads it better/) as string,
      },
    })
    const kept = await read(view, 'crystal-edge', 0, '1.01', { ...caliper, confirmed: true })
    if (!kept.ok || !('view' in kept)) throw new Error(JSON.stringify(kept))
    const wide = kept.view.readout.measured['crystal-edge']?.standardUncertaintyMm ?? 0
    expect((await read(view, 'crystal-edge', 1, '1.02', caliper)).ok).toBe(true)
    const other = await read(await newTray(), 'crystal-edge', 0, '1.01', gauge)
    if (!other.ok || !('view' in other)) throw new Error(JSON.stringify(other))
    expect(other.view.readout.measured['crystal-edge']?.standardUncertaintyMm).toBeLessThan(wide)
    // Unlikely and at a pinch: one question says both.
    const both = await read(await newTray(), 'crystal-edge', 0, '3.01', caliper)
    expect(both).toMatchObject({
      ask: { message: expect.stringMatching(/expected here.*reads it better/) as string },
    })
  })

  const save = (kind: RecordKind, id: number | null, input: unknown) =>
    saveRecord(store.db, { kind, id, fields: input }, NOW)

  it('loads the demo world once and plausibly', async () => {
    expect(await loadDemo(store.db, DAY)).toBe(false)
    const { counts } = await drawersSummary(store.db)
    expect(Object.values(counts).map(({ lines }) => lines)).toEqual([153, 68, 16, 5, 6, 4, 48, 6])
    const bench = await benchView(store.db, NOW)
    expect(bench.trays.length).toBeGreaterThanOrEqual(10)
    expect(new Set(bench.trays.map((t) => t.stage)).size).toBeGreaterThanOrEqual(7)
    expect(bench.first?.tray.number).toBe(209)
    const sheets = await caseSheetLines(store.db)
    expect(sheets).toHaveLength(17)
    expect(sheets.find((s) => s.sheet.reference === 'Deckwatch 38')?.runsHome).toBe(13)
  })

  it('takes a shattered crystal from readings to a logged run, and proposes it next time', async () => {
    const opened = await newTray()
    expect(opened.tray.stage).toBe('intake')
    expect(opened.job.hazards.map((h) => h.id)).toContain('glass-splinters')
    const view = await measured(opened)
    expect(view.next).toBeNull()
    expect(view.readout.verdict?.pick.sizeMm).toBe(30)
    expect(view.readout.verdict?.pick.probability).toBeGreaterThan(0.9)
    const [best] = view.shortlist?.fitting ?? []
    if (!best) throw new Error('nothing fits')
    expect(best.reasons.join(' ')).toMatch(/went home 13 times on this case sheet/)

    const ready = await finished(store.db, view.tray.id, 'clean', NOW)
    expect(ready.ok && ready.view.tray.stage).toBe('match')
    const picked = await pickPair(
      store.db,
      { trayId: view.tray.id, crystalId: best.crystal.id, gasketId: best.gasket?.id ?? null },
      NOW,
    )
    if (!picked.ok) throw new Error(JSON.stringify(picked.errors))
    const { press } = picked.view
    if (!press?.pusher?.ok || !press.support?.ok) throw new Error('dies are missing')
    expect(press.pusher.best.die.outerDiameterMm).toBe(29)
    expect(press.evidence.readingIds).toHaveLength(17)
    expect(picked.view.tray.stage).toBe('press-in')

    await cleaned(view.tray.id)
    const before = press.crystal.quantity
    const tools = {
      trayId: view.tray.id,
      pressId: picked.view.presses[1]?.id,
      pusherId: press.pusher.best.die.id,
      supportId: press.support.best.die.id,
    }
    const logged = await logPressRun(
      store.db,
      { ...tools, fields: { outcome: 'home', quarterTurns: '4', peakForceN: '160', note: 'snapped home' } },
      NOW,
    )
    if (!logged.ok) throw new Error(JSON.stringify(logged.errors))
    // Taken out with the pick: pressing changes nothing more.
    expect(before).toBe(best.crystal.quantity - 1)
    expect(logged.view.press?.crystal.quantity).toBe(before)
    // Home, but the crystal was not cleaned by anybody's word: it goes on with that, or with a reason.
    expect(logged.view.tray.stage).toBe('press-in')
    const on = await finished(store.db, view.tray.id, 'press-in', NOW)
    expect(on.ok && on.view.tray.stage).toBe('close')

    const next = await newTray()
    expect(next.lastTime).toMatchObject({
      trayNumber: view.tray.number,
      pusher: 'P29',
      quarterTurns: 4,
      peakForceN: 160,
      note: 'snapped home',
    })
    expect(next.readout.history).toEqual([{ sizeMm: 30, count: 14 }])
  })

  it('takes stock once a pick, however many runs it needs, and goes back to matching after a crack', async () => {
    const view = await measured(await newTray())
    const best = view.shortlist?.fitting[0]
    if (!best) throw new Error('nothing fits')
    const pair = { trayId: view.tray.id, crystalId: best.crystal.id, gasketId: best.gasket?.id ?? null }
    await finished(store.db, view.tray.id, 'clean', NOW)
    const picked = await pickPair(store.db, pair, NOW)
    if (!picked.ok || !picked.view.press?.pusher?.ok || !picked.view.press.support?.ok)
      throw new Error('no press card')
    const { press } = picked.view
    await cleaned(view.tray.id)
    const tools = {
      trayId: view.tray.id,
      pressId: picked.view.presses[0]?.id,
      pusherId: picked.view.press.pusher.best.die.id,
      supportId: picked.view.press.support.best.die.id,
    }
    const run = (outcome: string) =>
      logPressRun(
        store.db,
        { ...tools, fields: { outcome, cause: outcome === 'cracked' ? 'die' : '', quarterTurns: 2 } },
        NOW,
      )
    const first = await run('high-on-one-side')
    expect(first.ok && first.view.tray.stage).toBe('press-in')
    const second = await run('cracked')
    if (!second.ok) throw new Error('refused')
    expect(second.view.tray.stage).toBe('match')
    expect(press.crystal.quantity).toBe(best.crystal.quantity - 1)
    expect(second.view.press?.crystal.quantity).toBe(press.crystal.quantity)
    expect(second.view.press?.runs.map((r) => r.outcome)).toEqual(['high-on-one-side', 'cracked'])
  })

  it('asks about a slipped point and stores nothing until it is answered', async () => {
    const view = await newTray()
    const asked = await read(view, 'bore', 0, '309.5')
    expect(asked).toMatchObject({ ok: false, ask: { suggestionMm: 30.95, keepAllowed: false } })
    expect(await read(view, 'bore', 0, '309.5', { confirmed: true })).toMatchObject({ ok: false })
    const odd = await read(view, 'bore', 0, '32.1')
    expect(odd).toMatchObject({ ok: false, ask: { keepAllowed: true } })
    const kept = await read(view, 'bore', 0, '32.1', { confirmed: true })
    expect(kept.ok && kept.view.readings).toHaveLength(1)
  })

  it.each([
    ['abc', /Case bore: “abc” is not a length/],
    ['-3', /must be more than 0/],
    ['99999', /outside 8.00–60.00 mm/],
    ['1.2 cm', /not in mm/],
    ['', /no figure yet/],
    ['9'.repeat(60), /more than 40 characters/],
  ])('refuses %s', async (text, message) => {
    const view = await newTray()
    const result = await read(view, 'bore', 0, text)
    expect(result.ok || 'ask' in result ? '' : Object.values(result.errors).join()).toMatch(message)
  })

  it('refuses what no screen of ours sends', async () => {
    const view = await newTray()
    expect(await read(view, 'bore', 9, '30.9')).toMatchObject({ ok: false })
    expect(await read(view, 'nose' as never, 0, '30.9')).toMatchObject({ ok: false })
    expect(await read(view, 'bore', 0, '30.9', { instrumentId: 9999 })).toMatchObject({
      ok: false,
      errors: { instrument: expect.stringMatching(/Choose another/) as string },
    })
    expect(await takeReading(store.db, null, NOW)).toMatchObject({ ok: false })
    expect(
      await pickPair(store.db, { trayId: view.tray.id, crystalId: 1, gasketId: 999_999 }, NOW),
    ).toMatchObject({ ok: false })
    expect(await finishStage(store.db, { trayId: view.tray.id, stage: 'lunch' }, NOW)).toMatchObject({
      ok: false,
    })
  })

  it('takes a reading back with a reason and keeps the old value', async () => {
    const view = await newTray()
    const taken = await read(view, 'bore', 0, '30.9')
    if (!taken.ok) throw new Error('refused')
    const [reading] = taken.view.readings
    const input = { trayId: view.tray.id, readingId: reading?.id, reason: 'jaws tilted' }
    expect(await takeBackReading(store.db, { ...input, reason: ' ' }, NOW)).toMatchObject({
      ok: false,
      errors: { reason: expect.stringMatching(/in a word why/) as string },
    })
    const back = await takeBackReading(store.db, input, NOW)
    expect(back.ok && back.view.readings).toMatchObject([{ shownMm: 30.9, voidReason: 'jaws tilted' }])
    expect(back.ok && back.view.readout.measured.bore).toBeUndefined()
    expect(await takeBackReading(store.db, input, NOW)).toMatchObject({ ok: false })
  })

  it('never changes or deletes what was measured: the database itself refuses', async () => {
    await expect(store.db.update(readings).set({ shownMm: 1 }).execute()).rejects.toThrow()
    await expect(store.db.execute(sql`DELETE FROM press_runs`)).rejects.toThrow()
    await expect(store.db.execute(sql`DELETE FROM picks`)).rejects.toThrow()
  })

  it('says what to order when the drawers are empty, and what is missing when nothing is known', async () => {
    const view = await measured(await newTray())
    await store.db
      .transaction(async (tx) => {
        await tx.update(crystals).set({ quantity: 0 })
        await tx.update(gaskets).set({ quantity: 0 })
        const empty = await trayByItsNumber(tx, view.tray.number)
        expect(empty?.shortlist?.fittingCount).toBe(0)
        expect(empty?.shortlist?.choicesInStock).toBe(0)
        expect(empty?.shortlist?.toOrder[0]).toMatchObject({
          crystalDiameterMm: 30,
          ring: { wallMm: 0.5 },
          crystalThicknessMm: 1,
        })
        const [reject] = empty?.shortlist?.rejected ?? []
        expect(reject?.failures.map((f) => f.name)).toContain('stock')
        const refused = await pickPair(
          tx,
          {
            trayId: view.tray.id,
            crystalId: reject?.candidate.crystal.id,
            gasketId: reject?.candidate.gasket?.id,
          },
          NOW,
        )
        expect(refused).toMatchObject({
          ok: false,
          errors: { form: expect.stringMatching(/has no .* left/) as string },
        })
        tx.rollback()
      })
      .catch((error: unknown) => {
        if (!(error instanceof Error) || error.constructor.name !== 'TransactionRollbackError') throw error
      })

    expect(await save('case-sheet', null, { ...BARE, maker: 'Oakmantle', reference: 'Blank' })).toEqual({
      ok: true,
    })
    const blank = await newTray('Oakmantle Blank')
    expect(blank.readout.seat).toEqual({ ok: false, missing: 'bore' })
    expect(blank.shortlist).toBeNull()
    expect(blank.readout.verdict).toBeNull()
  })

  it('stores records with the limits of their forms', async () => {
    const crystal = {
      code: 'T-1',
      drawer: 'C-1',
      diameterMm: '30,0',
      edgeThicknessMm: '1.0',
      centreThicknessMm: '1.0',
      undersideRiseMm: '0',
      bevelMm: '0.2',
      material: 'mineral',
      profile: 'flat',
      build: 'disc',
      magnifier: 'none',
      arCoating: 'none',
      quantity: '3',
      minimum: '1',
      priceCents: '100',
    }
    expect(await save('crystal', null, crystal)).toEqual({ ok: true })
    expect(await save('crystal', null, crystal)).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/crystal code already/) as string },
    })
    const wrong = await save('crystal', null, {
      ...crystal,
      code: 'T-2',
      diameterMm: '300',
      quantity: 'few',
    })
    expect(wrong).toMatchObject({
      ok: false,
      errors: {
        diameterMm: expect.stringMatching(/outside 8.00–60.00/) as string,
        quantity: expect.stringMatching(/whole number/) as string,
      },
    })
    expect(await save('crystal', null, { ...crystal, code: 'T-3', centreThicknessMm: '1.5' })).toMatchObject({
      ok: false,
      errors: { centreThicknessMm: expect.any(String) as string },
    })
    expect(await save('crystal', 999_999, { ...crystal, code: 'T-4' })).toMatchObject({
      ok: false,
    })
    expect(await save('gasket', null, { ...crystal, wallMm: { $gt: 0 } })).toMatchObject({
      ok: false,
    })
    expect(
      await save('die', null, {
        code: 'T',
        role: 'pusher',
        material: 'nylon',
        drawer: 'x',
        quantity: '1',
        minimum: '0',
        priceCents: '0',
        outerDiameterMm: '20',
        openingMm: '20',
        recessDepthMm: '1',
      }),
    ).toMatchObject({ ok: false, errors: { openingMm: expect.any(String) as string } })
    expect(await save('press', null, { name: 'Third press', kind: 'screw', gauged: true })).toEqual({
      ok: true,
    })
    expect(
      await save('instrument', null, {
        name: 'Second depth gauge',
        kind: 'depth-gauge',
        resolutionMm: '0.01',
        maximumPermissibleErrorMm: '0.02',
        zeroOffsetMm: '-0,01',
        calibrationDueOn: '',
      }),
    ).toEqual({ ok: true })
  })

  it('refuses a tray with nothing filled in, one due in the past, and keeps braces in a complaint', async () => {
    const empty = await openTray(store.db, { fields: {} }, NOW)
    expect(empty).toMatchObject({
      ok: false,
      errors: { caseSheetId: expect.any(String) as string, owner: 'Owner is missing: fill it in.' },
    })
    const late = await openTray(
      store.db,
      { caseSheetId: await sheetId('Quillfen Tidal 4'), fields: { ...TRAY, dueAt: '2020-01-01T10:00' } },
      NOW,
    )
    expect(late).toMatchObject({ ok: false, errors: { dueAt: expect.stringMatching(/past/) as string } })
    const view = await newTray('Quillfen Tidal 4', { complaint: '<b>{x}</b>', owner: 'New Owner' })
    expect(view.tray.complaint).toBe('<b>{x}</b>')
    const newest = await findTrays(store.db, { size: 1 })
    expect(newest).toMatchObject({ rows: [{ owner: 'New Owner, ferry no. 5' }] })
  })

  it('finds trays page by page, by number, case, owner and complaint', async () => {
    const numbers = async (input: unknown) => {
      const found = await findTrays(store.db, input)
      if (!found.ok) throw new Error('refused')
      return { total: found.total, numbers: found.rows.map(({ number }) => number) }
    }
    const all = await numbers({ size: 200 })
    expect(all.numbers).toEqual([...all.numbers].sort((a, b) => b - a))
    expect(all.total).toBe(all.numbers.length)
    const second = await numbers({ size: 5, page: 1 })
    expect(second).toEqual({ total: all.total, numbers: all.numbers.slice(5, 10) })
    expect((await numbers({ q: '214' })).numbers).toEqual([214])
    expect((await numbers({ q: 'DECKWATCH ferry no. 17' })).numbers).toContain(214)
    expect((await numbers({ q: 'deckwatch quillfen' })).total).toBe(0)
    // What a database takes for a wildcard is looked for as it is.
    expect((await numbers({ q: '%' })).total).toBe(0)
    const rising = await numbers({ sort: 'number:asc', size: 3 })
    expect(rising.numbers).toEqual(all.numbers.toReversed().slice(0, 3))
    expect(await findTrays(store.db, { size: 5000 })).toMatchObject({ ok: false })
    expect(await findTrays(store.db, { sort: 'number; drop table trays' })).toMatchObject({ ok: false })
  })

  it('gives trays opened at the same moment numbers of their own', async () => {
    const caseSheetId = await sheetId('Quillfen Field 3')
    const opened = await Promise.all(
      [1, 2, 3].map(() => openTray(store.db, { caseSheetId, fields: TRAY }, NOW)),
    )
    expect(new Set(opened.map((o) => (o.ok ? o.number : 'refused'))).size).toBe(3)
    expect(opened.every((o) => o.ok)).toBe(true)
  })

  it('hands a tray back and measures nothing on it after that', async () => {
    const view = await newTray()
    const finish = () => finishStage(store.db, { trayId: view.tray.id, stage: 'hand-back' }, NOW)
    expect(await finish()).toMatchObject({
      ok: false,
      errors: {
        stage: expect.stringMatching(/^Not handed back. It stands at Intake: do its stages/) as string,
      },
    })
    await finished(store.db, view.tray.id, 'prove', NOW)
    expect(view.job.hazards.map(({ label }) => label)).toContain('glass splinters')
    expect(await finish()).toMatchObject({
      ok: false,
      errors: {
        stage: expect.stringMatching(/^Not handed back. Not dealt with: .*glass splinters/) as string,
      },
    })
    const done = await handedBack(store.db, view, NOW)
    expect(done.ok && done.view.tray.finishedAt).toBe(NOW.toISOString())
    const result = await read(view, 'bore', 0, '30.95')
    expect(result).toMatchObject({
      ok: false,
      errors: { form: expect.stringMatching(/handed back/) as string },
    })
  })

  it('has simulated instruments that can do the whole plan', async () => {
    let view = await newTray()
    for (let guard = 0; view.next && guard < 40; guard++) {
      const sent = await simulatedLine(store.db, { trayId: view.tray.id, ...view.next })
      if (!sent.ok) throw new Error(JSON.stringify(sent.errors))
      const result = await read(view, view.next.dimension, view.next.placeIndex, sent.line, {
        instrumentId: sent.instrumentId,
        source: 'instrument',
      })
      if (!result.ok) throw new Error(JSON.stringify(result))
      view = result.view
    }
    expect(view.next).toBeNull()
    expect(view.readout.verdict?.pick.sizeMm).toBe(30)
    expect(view.readout.measured.bore?.spread.verdict).toBe('explained')
  })
})

describe.each(testStores())('a new shop on $name', ({ open }) => {
  it('starts with the instruments and presses every bench has, once', async () => {
    const store = await open()
    await startShop(store.db)
    await startShop(store.db)
    const bench = await benchView(store.db, NOW)
    expect(bench).toMatchObject({ trays: [], first: null, dueToday: 0, newShop: { linesInDrawers: 0 } })
    const { id: _, ...line } = stockCrystal()
    await insertCrystals(store.db, [line])
    expect((await benchView(store.db, NOW)).newShop).toEqual({ linesInDrawers: 1 })
    expect(
      await saveRecord(
        store.db,
        { kind: 'case-sheet', id: null, fields: { ...BARE, maker: 'Vessalin', reference: 'Dawn' } },
        NOW,
      ),
    ).toEqual({
      ok: true,
    })
    const { sheets } = await newTrayChoices(store.db)
    const opened = await openTray(store.db, { caseSheetId: sheets[0]?.id, fields: TRAY }, NOW)
    expect(opened).toEqual({ ok: true, number: 101 })
    const view = await trayByItsNumber(store.db, 101)
    expect(view?.instruments.map((i) => i.name)).toEqual(['Caliper', 'Thickness gauge'])
    expect((await benchView(store.db, NOW)).newShop).toBeNull()
    await store.close()
  }, 240_000)
})
