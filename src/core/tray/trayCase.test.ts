import { NO_PLACE } from '../trail/partsTrail'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { keptPick, keptReading, keptRun, keptTray } from '../../../tests/factories/keptTray'
import { stockBezel } from '../../../tests/factories/otherParts'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import { objectionTo } from './changeAllowed'
import { DIMENSIONS } from '../readings/dimensions'
import { expectedReading } from './expectedReading'
import type { KeptPartOut, KeptTray } from './KeptTray'
import type { PressOutcome } from '../press/pressOutcomes'
import { newBezelOf } from './newBezel'
import type { CaseByFigures } from './caseByFigures'
import { trayCase } from './trayCase'

const NINE = new Date('2026-11-24T09:00:00Z')
const TEN = new Date('2026-11-24T10:00:00Z')
const ELEVEN = new Date('2026-11-24T11:00:00Z')
const BEZEL = stockBezel({ id: 3, code: 'B-370', boreMm: 31.45, innerMm: 34.1 })
const RULES = { policy: BUILT_IN_POLICY, schools: {}, invented: false }
const SHEET = caseSheet({ retention: 'press-in-bezel', bezelBoreMm: 31.35, bezelInnerMm: 34.1 })
const BEZEL_OUT: Pick<KeptTray, 'partsOut' | 'bezelsOut'> = {
  partsOut: [{ kind: 'bezel', partId: 3, count: 1, since: TEN }],
  bezelsOut: [BEZEL],
}

const caseOf = (readings: KeptTray['readings'], over: Partial<KeptTray> = {}) =>
  trayCase(keptTray({ sheet: SHEET, readings, ...over }), RULES)

function boreOf({ readout }: CaseByFigures) {
  const { seat } = readout
  return seat.ok ? seat.seat.across : null
}

describe('what is read next', () => {
  const tray = { ...keptTray().tray, asked: ['crystal', 'reseal'] as const }
  const sheet = caseSheet({ backSeal: 'o-ring' })
  const next = (outcome: PressOutcome) =>
    trayCase(keptTray({ tray, sheet, picked: keptPick(7), pressRuns: [keptRun(7, outcome)] }), RULES).next

  it('leaves unread only what can still be read', () => {
    const of = (outcome: PressOutcome) =>
      trayCase(keptTray({ tray, sheet, picked: keptPick(7), pressRuns: [keptRun(7, outcome)] }), RULES).unread
    expect(of('loose')).toContain('bore')
    expect(of('home')).not.toContain('bore')
    expect(of('home')[0]).toMatch(/^(groove|back|crown)/)
  })

  it('is nothing that a crystal which is home lies over', () => {
    expect(next('high-on-one-side')?.dimension).toBe('crystal-edge')
    // The back's groove lies open still.
    expect(next('home')?.dimension).toMatch(/^(groove|back|crown)/)
  })
})

const THEN = '2026-11-24T09:00:00.000Z'

describe('trayCase', () => {
  const old = keptReading(1, 'bezel-bore', 31.36, { takenAt: NINE })
  const edge = keptReading(2, 'crystal-edge', 2.01, { takenAt: NINE })
  const now = keptReading(3, 'bezel-bore', 31.48, { takenAt: ELEVEN })

  it('is the same twice where no new bezel is out', () => {
    const found = caseOf([old, edge])
    expect(found.now).toBe(found.found)
    expect(found.counted).toEqual([old, edge])
  })

  it('leaves the case as found alone, and forgets of the old bezel only what was its own', () => {
    const found = caseOf([old, edge], BEZEL_OUT)
    expect(found.counted).toEqual([edge])
    expect(boreOf(found.found)).toMatchObject({ origin: 'measured' })
    expect(boreOf(found.found)?.valueMm).toBeCloseTo(31.36, 9)
    expect(boreOf(found.now)).toMatchObject({ origin: 'supplier', valueMm: 31.45 })
    expect(found.now.readout.measured['crystal-edge']).toBeDefined()
  })

  it('goes by what was read of the new bezel once somebody did', () => {
    const found = caseOf([old, edge, now], BEZEL_OUT)
    expect(found.counted).toEqual([edge, now])
    expect(boreOf(found.now)?.valueMm).toBeCloseTo(31.48, 9)
  })

  it('counts nothing that was taken back, and reads it anew', () => {
    const taken = caseOf([{ ...old, voidReason: 'jaws tilted' }, edge])
    expect(taken.standing).toEqual([edge])
    expect(taken.now.readout.measured['bezel-bore']).toBeUndefined()
    expect(taken.next).toMatchObject({ dimension: 'crystal-edge', placeIndex: 1 })
  })

  it('asks for the first thing that is open, by whatever a stage demands, and drops a hazard that was dealt with', () => {
    const broken = { ...keptTray().tray, crystalState: 'shattered' as const, stage: 'open' as const }
    const fresh = trayCase(keptTray({ tray: broken }), RULES)
    expect(fresh.hazards.map(({ id }) => id)).toContain('movement-running')
    expect(fresh.nextOpen('open')).toMatch(/^Strap or bracelet off/)
    // All steps of closing ticked are not all of it: a part still lies in the tray.
    const steps = fresh.procedure.steps.map(({ id }) => [`step:${id}`, THEN] as const)
    const off = { ...NO_PLACE, id: 1, at: THEN, kind: 'off', part: 'back', count: 1, size: '' } as const
    const closing = trayCase(
      keptTray({ tray: broken, ticks: Object.fromEntries(steps), trail: [off] }),
      RULES,
    )
    expect(closing.nextOpen('close')).toBe('1 case back not accounted for')
    const ticks = { 'step:strap-off': THEN, 'hazard:movement-running': THEN }
    const ticked = trayCase(keptTray({ tray: broken, ticks }), RULES)
    expect(ticked.nextOpen('open')).not.toMatch(/^Strap/)
    expect(ticked.hazards.map(({ id }) => id)).not.toContain('movement-running')
  })

  it('judges a method by what is off this piece and by everything open on the bench', () => {
    const bath = { id: 1, trayId: 99, trayNumber: 226, process: 'acetone-bath' as const }
    const alone = caseOf([]).method({ process: 'flame', scope: 'crystal' })
    const beside = caseOf([], { inUse: [bath] })
    expect(beside.method({ process: 'flame', scope: 'crystal' }).findings.length).toBeGreaterThan(
      alone.findings.length,
    )
    expect(beside.waits).toEqual([])
  })
})

describe('expectedReading', () => {
  const { caliper } = TYPICAL_INSTRUMENTS
  const expects = (readings: KeptTray['readings'], over?: Partial<KeptTray>) =>
    expectedReading(caseOf(readings, over), 'bezel-bore', caliper)

  it('is the mean of what was read, each less its own zero, plus that of the instrument at hand', () => {
    const readings = [
      keptReading(1, 'bezel-bore', 31.36),
      keptReading(2, 'bezel-bore', 31.4, { zeroOffsetMm: 0.02 }),
    ]
    const shown = expectedReading(caseOf(readings), 'bezel-bore', { ...caliper, zeroOffsetMm: 0.01 })
    expect(shown?.valueMm).toBeCloseTo(31.38, 9)
  })

  it('is the sheet’s while nothing was read, and the new bezel’s as soon as one is out', () => {
    expect(expects([])?.valueMm).toBe(31.35)
    expect(expects([keptReading(1, 'bezel-bore', 31.36, { takenAt: NINE })], BEZEL_OUT)?.valueMm).toBe(31.45)
    expect(expectedReading(caseOf([]), 'groove', caliper)).toBeNull()
  })

  it('is what earlier pieces showed, asked about beyond their spread; not of a new bezel', () => {
    const piece = {
      dimension: 'bezel-bore' as const,
      standardUncertaintyMm: 0.01,
      readings: 3,
      instruments: 'caliper',
    }
    const pieces = [31.4, 31.41, 31.4].map((valueMm, i) => ({ ...piece, valueMm, trayNumber: 214 + i }))
    const shown = expects([], { pieces })
    expect(shown?.valueMm).toBeCloseTo(31.393, 2)
    expect(shown?.because).toBe('from 3 pieces, last tray 216')
    expect(shown?.withinMm).toBeLessThan(DIMENSIONS['bezel-bore'].surprisingMm)
    expect(shown?.withinMm).toBeGreaterThan(0.08)
    expect(expects([], { pieces, ...BEZEL_OUT })).toMatchObject({ valueMm: 31.45, because: null })
    const readings = [keptReading(1, 'bezel-bore', 31.36)]
    expect(expects(readings, { pieces })).toMatchObject({ valueMm: 31.36, because: null })
  })
})

describe('objectionTo', () => {
  it('lets a tray in hand be worked on, and one handed back only be reopened', () => {
    expect(objectionTo('work', { finishedAt: null })).toBeNull()
    expect(objectionTo('work', { finishedAt: TEN })).toMatch(/handed back.*Reopen it/)
    expect(objectionTo('reopening', { finishedAt: TEN })).toBeNull()
    expect(objectionTo('reopening', { finishedAt: null })).toMatch(/in hand already/)
  })
})

describe('newBezelOf', () => {
  const out = (kind: KeptPartOut['kind'], partId: number, since: Date): KeptPartOut => ({
    kind,
    partId,
    count: 1,
    since,
  })

  it('is the bezel taken out last; none where none is out or its line is gone', () => {
    const other = stockBezel({ id: 4 })
    const parts = [out('bezel', 3, NINE), out('bezel', 4, TEN), out('insert', 4, ELEVEN)]
    expect(newBezelOf(parts, [BEZEL, other])).toEqual({ bezel: other, since: TEN })
    expect(newBezelOf([out('insert', 3, TEN)], [BEZEL])).toBeNull()
    expect(newBezelOf([out('bezel', 9, TEN)], [BEZEL])).toBeNull()
  })
})
