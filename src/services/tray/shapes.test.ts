import { sql } from 'drizzle-orm'
import { openBrokenTray } from '../../../tests/stores/brokenTray'
import { testStores } from '../../../tests/stores/testStores'
import type { Store } from '@/data/client'
import { instrumentChecks, shapeReadings } from '@/data/schema'
import { checkInstrument } from '../instruments/checkInstrument'
import { shopTools } from '../shop/shopTools'
import { startShop } from '../shop/startShop'
import { takeReading } from './takeReading'
import { takeBackShape, takeShape } from './takeShape'
import type { TrayView } from './trayView'

const NOW = new Date('2026-11-24T10:00:00Z')

describe.each(testStores())('sizes round the jaws and instrument checks, on $name', ({ open }) => {
  let store: Store
  let view: TrayView
  beforeAll(async () => {
    store = await open()
    await startShop(store.db)
    view = await openBrokenTray(store.db, 'Broken', NOW)
  }, 240_000)
  afterAll(() => store.close())

  const take = (kind: string, first: string, second = '') =>
    takeShape(
      store.db,
      { trayId: view.tray.id, kind, instrumentId: view.instruments[0]?.id, first, second },
      NOW,
    )
  const refused = (outcome: { ok: boolean; errors?: Readonly<Record<string, string>> }) => {
    if (outcome.ok || !outcome.errors) throw new Error('it was taken')
    return Object.values(outcome.errors).join(' ')
  }

  it('takes chord and sagitta as evidence, and takes it back with a reason', async () => {
    const outcome = await take('chord', '18.00', '3,20')
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
    const [shape] = outcome.view.shapes
    expect(shape?.diameterMm).toBeCloseTo(28.5125, 6)
    expect(outcome.view.readout.evidence).toMatchObject([{ kind: 'fragment', method: 'chord' }])
    expect(outcome.view.readout.verdict).not.toBeNull()
    const back = (reason: string) =>
      takeBackShape(store.db, { trayId: view.tray.id, shapeId: shape?.id, reason }, NOW)
    expect(refused(await back(' '))).toMatch(/Reason is missing/)
    const gone = await back('chip at the end')
    if (!gone.ok) throw new Error(JSON.stringify(gone.errors))
    expect(gone.view.shapes[0]?.voidReason).toBe('chip at the end')
    expect(gone.view.readout.evidence).toEqual([])
    expect(refused(await back('again'))).toMatch(/taken back already/)
    await expect(store.db.execute(sql`UPDATE ${shapeReadings} SET diameter_mm = 30`)).rejects.toMatchObject({
      cause: { message: expect.stringMatching(/append-only/) as string },
    })
  })

  it('fits points with a chip, and asks next with what it found', async () => {
    const rim = Array.from({ length: 24 }, (_, i) => {
      const angle = (i * 5 * Math.PI) / 180
      const r = i === 7 ? 14.2 : 15
      return `${(r * Math.cos(angle)).toFixed(3)} ${(r * Math.sin(angle)).toFixed(3)}`
    })
    const outcome = await take('points', rim.join('\n'))
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.errors))
    expect(outcome.view.shapes.at(-1)?.words).toMatch(/23 of 24 points over 115°/)
    expect(outcome.view.readout.verdict?.pick.sizeMm).toBe(30)
    expect(outcome.view.askNext?.ranked.length).toBeGreaterThan(0)
  })

  it('refuses absurd figures with field, value, limit and what to do', async () => {
    expect(refused(await take('chord', '', '3'))).toMatch(/Chord is missing/)
    expect(refused(await take('chord', 'long', '3'))).toMatch(/“long” is not a length/)
    expect(refused(await take('chord', '18', '12'))).toMatch(/more than half a circle/)
    expect(refused(await take('points', '1 1\n2 2\n3 3\n4 4'))).toMatch(/one straight line/)
    expect(refused(await take('points', '1 2\n'.repeat(20_000)))).toMatch(/20000 are more than 5000/)
    expect(refused(await take('points', '1 2\n'.repeat(60_000)))).toMatch(/more text than 5000 points/)
    expect(refused(await take('visible-top', '29.6', '7'))).toMatch(/Bevel: 7.00 mm is outside/)
    expect(refused(await take('gasket-imprint', '90'))).toMatch(/outside 8.00–60.00/)
  })

  it('takes inches, converts them and says so', async () => {
    const input = {
      trayId: view.tray.id,
      dimension: 'bore',
      placeIndex: 0,
      text: '1.2185 in',
      instrumentId: view.instruments[0]?.id,
      source: 'typed',
      confirmed: false,
    }
    const result = await takeReading(store.db, input, NOW)
    if (!result.ok) throw new Error(JSON.stringify(result))
    expect(result.note).toBe('1.2185 in taken as 30.95 mm')
    expect(result.view.readings[0]?.shownMm).toBeCloseTo(30.9499, 4)
  })

  it('catches a caliper that shows 0.05 too much, keeps the check, and takes it off', async () => {
    const [caliper] = (await shopTools(store.db)).instruments
    const check = (nominal: string, readings: string[], correct: boolean) =>
      checkInstrument(store.db, { instrumentId: caliper?.id, nominal, readings, correct }, NOW)
    const kept = await check('10.00', ['10.05', '10.05', ''], true)
    if (!kept.ok) throw new Error(JSON.stringify(kept.errors))
    expect([kept.check.verdict, kept.corrected]).toEqual(['correct', true])
    const tools = await shopTools(store.db)
    expect(tools.instruments.find((i) => i.id === caliper?.id)?.zeroOffsetMm).toBeCloseTo(0.05, 6)
    expect(tools.checks[0]).toMatchObject({ corrected: true, nominalMm: 10 })
    expect(refused(await check('', ['10'], false))).toMatch(/Block: “” is not a length/)
    expect(refused(await check('10', ['', ''], false))).toMatch(/Reading is missing/)
    expect(refused(await check('10', ['1.0'], true))).toMatch(/Is it the right block/)
    expect(refused(await check('900', ['900'], true))).toMatch(/outside 0.01–200 mm/)
    // A slip of a block is not taken into the zero unless that is said twice.
    const far = { instrumentId: caliper?.id, nominal: '10', readings: ['12.05'], correct: true }
    expect(refused(await checkInstrument(store.db, far, NOW))).toMatch(/Is it the right block/)
    const sure = await checkInstrument(store.db, { ...far, sure: true }, NOW)
    expect(sure).toMatchObject({ ok: true, corrected: true })
    await expect(store.db.execute(sql`DELETE FROM ${instrumentChecks}`)).rejects.toMatchObject({
      cause: { message: expect.stringMatching(/append-only/) as string },
    })
  })
})
