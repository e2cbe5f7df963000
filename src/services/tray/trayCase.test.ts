import { caseSheetFacts } from '../../../tests/factories/caseSheet'
import { stockBezel } from '../../../tests/factories/otherParts'
import { BUILT_IN_POLICY } from '@/core/policy/ShopPolicy'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import type { DimensionId } from '@/core/readings/dimensionKinds'
import type { PartOutView } from './partsOut'
import type { KeptOfCase } from './trayCase'
import { newBezelOf, trayCase } from './trayCase'

const NINE = new Date('2026-11-24T09:00:00Z')
const TEN = new Date('2026-11-24T10:00:00Z')
const ELEVEN = new Date('2026-11-24T11:00:00Z')
const BEZEL = stockBezel({ id: 3, code: 'B-370', boreMm: 31.45, innerMm: 34.1 })

function reading(id: number, dimension: DimensionId, shownMm: number, takenAt: Date) {
  return {
    id,
    trayId: 1,
    dimension,
    placeIndex: 0,
    shownMm,
    instrumentId: 1,
    source: 'typed' as const,
    takenAt,
    ...TYPICAL_INSTRUMENTS.caliper,
  }
}

function kept(readings: KeptOfCase['readings']): KeptOfCase {
  const sheet = caseSheetFacts({ retention: 'press-in-bezel', bezelBoreMm: 31.35, bezelInnerMm: 34.1 })
  return {
    // A row of the sheets' table has more columns; none of them speaks of figures.
    sheet: sheet as KeptOfCase['sheet'],
    readings,
    shapes: [],
    pastRuns: [],
    pastCounts: true,
    policy: BUILT_IN_POLICY,
  }
}

function boreOf({ readout }: ReturnType<typeof trayCase>['now']) {
  const { facts } = readout
  return facts.ok && facts.facts.held === 'ring' ? facts.facts.bore : null
}

describe('trayCase', () => {
  const old = reading(1, 'bezel-bore', 31.36, NINE)
  const edge = reading(2, 'crystal-edge', 2.01, NINE)
  const now = reading(3, 'bezel-bore', 31.48, ELEVEN)

  it('is the same twice where no new bezel is out', () => {
    const found = trayCase(kept([old, edge]), null)
    expect(found.now).toBe(found.found)
    expect(found.counted).toEqual([old, edge])
  })

  it('leaves the case as found alone, and forgets of the old bezel only what was its own', () => {
    const found = trayCase(kept([old, edge]), { bezel: BEZEL, since: TEN })
    expect(found.counted).toEqual([edge])
    expect(boreOf(found.found)).toMatchObject({ origin: 'measured' })
    expect(boreOf(found.found)?.valueMm).toBeCloseTo(31.36, 9)
    expect(boreOf(found.now)).toMatchObject({ origin: 'supplier', valueMm: 31.45 })
    expect(found.now.readout.measured['crystal-edge']).toBeDefined()
  })

  it('goes by what was read of the new bezel once somebody did', () => {
    const found = trayCase(kept([old, edge, now]), { bezel: BEZEL, since: TEN })
    expect(found.counted).toEqual([edge, now])
    expect(boreOf(found.now)?.valueMm).toBeCloseTo(31.48, 9)
  })
})

describe('newBezelOf', () => {
  const out = (kind: PartOutView['kind'], partId: number, since: Date): PartOutView => ({
    kind,
    partId,
    code: '',
    drawer: '',
    count: 1,
    since: since.toISOString(),
  })
  const bezels = [BEZEL, stockBezel({ id: 4, code: 'B-371' })]

  it('is the bezel that was taken last', () => {
    expect(newBezelOf([out('bezel', 3, NINE), out('bezel', 4, TEN)], bezels)?.bezel.code).toBe('B-371')
    expect(newBezelOf([out('bezel', 3, TEN), out('bezel', 4, NINE)], bezels)).toMatchObject({
      bezel: { code: 'B-370' },
      since: TEN,
    })
  })

  it('is none while only other parts are out, or the bezel is in the drawers no more', () => {
    expect(newBezelOf([out('insert', 3, NINE), out('crystal', 4, NINE)], bezels)).toBeNull()
    expect(newBezelOf([out('bezel', 9, NINE)], bezels)).toBeNull()
  })
})
