import { FIT_POLICY } from '../fit/fitPolicy'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { figureOf } from './caseFigures'
import { seatOf } from './seatOf'
import type { TakenReading } from './measuredFigures'
import { measuredFigures } from './measuredFigures'
import { lastTimePair, sizeHistory } from './sizeHistory'
import { trayReadout } from './trayReadout'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'

let nextId = 1
function taken(
  dimension: DimensionId,
  shown: readonly number[],
  over: Partial<TakenReading> = {},
): TakenReading[] {
  return shown.map((shownMm, placeIndex) => ({
    id: nextId++,
    dimension,
    placeIndex,
    shownMm,
    instrumentId: 1,
    ...TYPICAL_INSTRUMENTS.caliper,
    ...over,
  }))
}
const BLANK = caseSheet({
  boreMm: null,
  seatDepthMm: null,
  gasketWallMm: null,
  crystalEdgeMm: null,
  crystalDiameterMm: null,
  handsBelowSeatMm: null,
})

describe('measuredFigures', () => {
  it('takes the zero off whatever is worked out of readings: mean, oval and wedge', () => {
    const off = { zeroOffsetMm: 0.05 }
    const { bore, 'rebate-depth': depth } = measuredFigures([
      ...taken('bore', [31.05, 31.05, 31.05], off),
      ...taken('rebate-depth', [1.45, 1.55, 1.65, 1.55], off),
    ])
    expect(bore?.roundness?.leastSquaresDiameterMm).toBeCloseTo(31, 9)
    expect(depth?.taper).toMatchObject({
      meanMm: expect.closeTo(1.5, 9) as number,
      taperMm: expect.closeTo(0.2, 9) as number,
      thickSideDeg: expect.closeTo(180, 6) as number,
    })
  })

  it('takes an oval off before it judges the spread: an oval bore is a finding, not scatter', () => {
    const { bore } = measuredFigures(taken('bore', [31.06, 31.0, 30.94, 31.0]))
    expect(bore?.roundness?.ovalityMm).toBeCloseTo(0.12, 9)
    expect(bore?.spread.verdict).toBe('explained')
    expect(bore?.valueMm).toBeCloseTo(31, 9)
  })

  it('flags scatter no oval explains', () => {
    expect(measuredFigures(taken('bore', [31.1, 31.0, 31.1, 31.0])).bore?.spread.verdict).toBe('too-wide')
  })

  it('weighs two instruments by what each is worth, each with its own zero', () => {
    const caliper = taken('crystal-edge', [1.05], { instrumentId: 1 })
    const micrometer = taken('crystal-edge', [1.021], {
      instrumentId: 2,
      ...TYPICAL_INSTRUMENTS.micrometer,
      zeroOffsetMm: 0.001,
    })
    const figure = measuredFigures([...caliper, ...micrometer])['crystal-edge']
    expect(figure?.valueMm).toBeCloseTo(1.02, 2)
    expect(figure?.standardUncertaintyMm).toBeLessThan(0.0025)
  })
})

describe('figureOf', () => {
  it('takes the reading before the case sheet, and says which', () => {
    const measured = measuredFigures(taken('bore', [30.9]))
    expect(figureOf('bore', measured, caseSheet())).toMatchObject({ origin: 'measured', valueMm: 30.9 })
    expect(figureOf('bore', {}, caseSheet())).toMatchObject({ origin: 'sheet', valueMm: 30.95 })
    expect(figureOf('opening', {}, caseSheet())?.valueMm).toBeCloseTo(29.95, 9)
    expect(figureOf('bore', {}, BLANK)).toBeNull()
  })
})

describe('seatOf', () => {
  it('finds the bore by the best way there is', () => {
    const boreOf = (readings: TakenReading[], sheet = BLANK) => {
      const outcome = seatOf(measuredFigures(readings), sheet, FIT_POLICY)
      return outcome.ok ? outcome.seat.across : outcome.missing
    }
    const wall = taken('gasket-wall', [0.5, 0.5])
    const seat = taken('seat-depth', [1.05])
    expect(boreOf([])).toBe('bore')
    expect(boreOf([...taken('bore', [30.95]), ...seat])).toMatchObject({ origin: 'measured' })
    expect(boreOf([...taken('opening', [29.95]), ...wall, ...seat])).toMatchObject({ origin: 'derived' })
    const throughCrystal = boreOf([...taken('crystal-diameter', [30.0]), ...wall, ...seat])
    expect(throughCrystal).toMatchObject({ origin: 'derived' })
    expect(typeof throughCrystal === 'object' && throughCrystal.valueMm).toBeCloseTo(30.945, 6)
    expect(boreOf([], caseSheet())).toMatchObject({ origin: 'sheet' })
    // Rubber is pressed in tighter than nylon: the same crystal sat in a smaller bore.
    const inRubber = boreOf([...taken('crystal-diameter', [30.0]), ...wall, ...seat], {
      ...BLANK,
      gasketMaterial: 'nitrile',
    })
    expect(typeof inRubber === 'object' && inRubber.valueMm).toBeCloseTo(30.875, 6)
  })

  it('guesses the seat from the old thickness and marks it assumed', () => {
    const readings = [...taken('bore', [30.95]), ...taken('crystal-edge', [1.0])]
    const outcome = seatOf(measuredFigures(readings), BLANK, FIT_POLICY)
    expect(outcome.ok && outcome.seat.rimAbove).toMatchObject({ origin: 'assumed', valueMm: 1 })
    expect(outcome.ok && outcome.seat.handsBelowSeat).toBeNull()
    const untold = seatOf(measuredFigures(taken('bore', [30.95])), BLANK, FIT_POLICY)
    expect(untold.ok && untold.seat.rimAbove).toMatchObject({ origin: 'assumed', valueMm: 1.2 })
  })
})

describe('sizeHistory', () => {
  const run = (trayId: number, outcome: 'home' | 'cracked', crystalDiameterMm = 30, crystalId = 7) => ({
    trayId,
    outcome,
    crystalDiameterMm,
    crystalId,
    gasketId: 3,
    ofOwn: false,
    cause: null,
    hold: null,
    peakForceN: null,
    slideForceN: null,
  })

  it('counts trays that went home, not presses', () => {
    const runs = [run(3, 'home', 30.1, 8), run(2, 'home'), run(2, 'home'), run(1, 'cracked'), run(1, 'home')]
    expect(sizeHistory(runs)).toEqual([
      { sizeMm: 30.1, count: 1 },
      { sizeMm: 30, count: 2 },
    ])
    expect(lastTimePair(runs)).toEqual({ crystalId: 8, gasketId: 3, successes: 1 })
    expect(lastTimePair([run(1, 'cracked')])).toBeNull()
  })
})

describe('trayReadout', () => {
  const CHOICES = { shapes: [], pastCounts: true, policy: FIT_POLICY, verdict: VERDICT_POLICY }

  it('says what of the evidence cannot be weighed, and hands nothing of it on', () => {
    const exact = {
      dimension: 'crystal-diameter' as const,
      kind: 'chord' as const,
      diameterMm: 30,
      standardUncertaintyMm: 0.02,
      shared: { 'zero 1': 0.02 },
    }
    const readout = trayReadout(taken('seat-depth', [1.02]), BLANK, [], {
      ...CHOICES,
      shapes: [exact, exact],
    })
    expect(readout.trouble).toMatch(/positive definite.*look at the instruments in Settings/)
    expect(readout.verdict).toBeNull()
    expect(readout.evidence).toEqual([])
    expect(readout.measured['seat-depth']?.valueMm).toBe(1.02)
    expect(trayReadout([], BLANK, [], { ...CHOICES, shapes: [exact] }).trouble).toBeNull()
  })

  it('leaves out a reading that was kept with an error that cannot be, and names it', () => {
    const readings = [...taken('bore', [31.5], { resolutionMm: 0 }), ...taken('crystal-diameter', [30.01])]
    const readout = trayReadout(readings, BLANK, [], CHOICES)
    expect(readout.trouble).toMatch(/^Case bore, .*resolutionMm: expected > 0 mm, got 0.*read it again\.$/)
    expect(Object.keys(readout.measured)).toEqual(['crystal-diameter'])
    expect(readout.verdict?.pick.sizeMm).toBe(30)
  })

  it('takes the bezel’s bore for evidence where the crystal sits in the bezel, and no bore where no ring is squeezed', () => {
    const kinds = (retention: 'press-in-bezel' | 'snap-acrylic', dimension: 'bezel-bore' | 'bore') =>
      trayReadout(taken(dimension, [31.35]), caseSheet({ retention }), [], {
        shapes: [],
        pastCounts: true,
        policy: FIT_POLICY,
        verdict: VERDICT_POLICY,
      }).evidence.map((e) => e.kind)
    expect(kinds('press-in-bezel', 'bezel-bore')).toEqual(['bore-and-gasket'])
    expect(kinds('press-in-bezel', 'bore')).toEqual([])
    expect(kinds('snap-acrylic', 'bore')).toEqual([])
  })

  it('counts only what was measured here as evidence of size, and lets the wall come from the sheet', () => {
    expect(
      trayReadout([], caseSheet(), [], {
        shapes: [],
        pastCounts: true,
        policy: FIT_POLICY,
        verdict: VERDICT_POLICY,
      }).verdict,
    ).toBeNull()
    const readout = trayReadout(taken('bore', [30.95, 30.95, 30.95]), caseSheet(), [], {
      shapes: [],
      pastCounts: true,
      policy: FIT_POLICY,
      verdict: VERDICT_POLICY,
    })
    expect(readout.evidence.map((e) => e.kind)).toEqual(['bore-and-gasket'])
    expect(readout.verdict?.pick.sizeMm).toBe(30)
    expect(
      trayReadout(taken('bore', [30.95]), BLANK, [], {
        shapes: [],
        pastCounts: true,
        policy: FIT_POLICY,
        verdict: VERDICT_POLICY,
      }).evidence,
    ).toEqual([])
  })

  it('aims at what the case’s own ring wants, and trusts makers as far as the shop does', () => {
    const read = [...taken('bore', [30.95, 30.95, 30.95]), ...taken('crystal-diameter', [30.02, 30.02])]
    const sides = (gasketMaterial: 'nylon' | 'nitrile', makerUncertaintyMm = 0.02) => {
      const { verdict } = trayReadout(read, caseSheet({ gasketMaterial }), [], {
        shapes: [],
        pastCounts: true,
        policy: FIT_POLICY,
        verdict: { ...VERDICT_POLICY, makerUncertaintyMm },
      })
      if (!verdict?.fromCase || !verdict.fromCrystal) throw new Error('no verdict')
      return verdict
    }
    expect(sides('nitrile').fromCase?.valueMm).toBeCloseTo((sides('nylon').fromCase?.valueMm ?? 0) + 0.07, 9)
    expect(sides('nylon', 0.06).fromCrystal?.standardUncertaintyMm).toBeGreaterThan(0.06)
    expect(sides('nylon', 0.06).pick.probability).toBeLessThan(sides('nylon', 0.01).pick.probability)
  })
})
