import fc from 'fast-check'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { stockBezel } from '../../../tests/factories/otherParts'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessCandidate } from '../fit/assessCandidate'
import { bezelRings } from '../fit/bezelRings'
import { FIT_POLICY } from '../fit/fitPolicy'
import { stockIndex } from '../fit/stockIndex'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { seatOf } from './seatOf'
import { figureOf } from './caseFigures'
import { measuredFigures } from './measuredFigures'
import { isOfNewBezel, isOfOldBezel, sheetWithBezel, withoutBezel } from './newBezel'
import { bezelJoint, setInBezel } from './setInBezel'

const SHEET = caseSheet({
  retention: 'press-in-bezel',
  bezelKind: 'crystal-retaining',
  bezelBoreMm: 31.35,
  bezelInnerMm: 34.1,
  neckOuterMm: 33,
  bezelGasketWallMm: 0.6,
  seatDepthMm: 2,
  bezelFamily: 'Signal 2',
})
const NEW = stockBezel({
  bezelKind: 'crystal-retaining',
  boreMm: 31.45,
  innerMm: 34.12,
  recessOuterMm: null,
  family: 'Signal 2',
})
const SINCE = new Date('2026-11-24T10:00:00Z')

function read(figures: Partial<Record<DimensionId, number>>) {
  return measuredFigures(
    Object.entries(figures).map(([dimension, shownMm], id) => ({
      id,
      dimension: dimension as DimensionId,
      placeIndex: 0,
      shownMm,
      instrumentId: 1,
      ...TYPICAL_INSTRUMENTS.caliper,
    })),
  )
}

describe('isOfOldBezel', () => {
  const at = (dimension: DimensionId, minutes: number) => ({
    dimension,
    takenAt: new Date(SINCE.getTime() + minutes * 60_000),
  })
  const isOld = (dimension: DimensionId, minutes: number, sheet = SHEET) =>
    isOfOldBezel(at(dimension, minutes), { bezel: NEW, since: SINCE }, sheet)

  it('drops what was read of the old bezel, and keeps what is read of the new one', () => {
    expect(isOld('bezel-bore', -1)).toBe(true)
    expect(isOld('bezel-bore', 1)).toBe(false)
    const isNew = (dimension: DimensionId, minutes: number) =>
      isOfNewBezel(at(dimension, minutes), { bezel: NEW, since: SINCE }, SHEET)
    expect([isNew('bezel-bore', -1), isNew('bezel-bore', 1)]).toEqual([false, true])
    // What is the case's own is of neither: it counts before and after.
    expect([isOld('neck-outer', -1), isNew('neck-outer', 1)]).toEqual([false, false])
    expect(isOld('seat-depth', -1)).toBe(true)
  })

  it('keeps what belongs to the case or to the crystal', () => {
    for (const dimension of ['neck-outer', 'crystal-edge', 'gasket-wall', 'key-spacing'] as const)
      expect(isOld(dimension, -60)).toBe(false)
    // The seat of a crystal that stays in the case is not the bezel's.
    expect(isOld('seat-depth', -60, caseSheet({ bezelKind: 'rotating-click' }))).toBe(false)
  })
})

describe('sheetWithBezel', () => {
  it('puts the supplier’s figures in the old ones’ place and owns up to where they are from', () => {
    const sheet = sheetWithBezel(SHEET, NEW, {})
    expect(figureOf('bezel-bore', {}, sheet)).toEqual({
      valueMm: 31.45,
      standardUncertaintyMm: 0.03,
      origin: 'supplier',
    })
    expect(figureOf('neck-outer', {}, sheet)).toMatchObject({ valueMm: 33, origin: 'sheet' })
    // Nobody gives the depth of its seat: the old one's is taken over, wide enough to be honest.
    expect(figureOf('seat-depth', {}, sheet)).toEqual({
      valueMm: 2,
      standardUncertaintyMm: 0.08,
      origin: 'assumed',
    })
  })

  it('takes over the seat that was read, not the sheet’s', () => {
    expect(sheetWithBezel(SHEET, NEW, read({ 'seat-depth': 2.11 })).seatDepthMm).toBeCloseTo(2.11, 9)
  })

  it('keeps the old figure where the supplier gives none', () => {
    const sheet = sheetWithBezel({ ...SHEET, recessOuterMm: 36.2 }, NEW, {})
    expect(figureOf('recess-outer', {}, sheet)).toMatchObject({ valueMm: 36.2, origin: 'sheet' })
  })

  it('lets neither the old crystal nor the old bezel speak of the new bore', () => {
    const measured = withoutBezel(read({ 'bezel-bore': 31.35, 'crystal-diameter': 30.4 }), SHEET)
    const outcome = seatOf(measured, sheetWithBezel(SHEET, NEW, measured), FIT_POLICY)
    expect(outcome.ok && outcome.seat.across).toMatchObject({
      valueMm: 31.45,
      origin: 'supplier',
    })
  })

  it('gives way to what is read of the new bezel', () => {
    const outcome = seatOf(read({ 'bezel-bore': 31.49 }), sheetWithBezel(SHEET, NEW, {}), FIT_POLICY)
    const bore = outcome.ok ? outcome.seat.across : null
    expect(bore?.origin).toBe('measured')
    expect(bore?.valueMm).toBeCloseTo(31.49, 9)
  })
})

describe('setInBezel', () => {
  const crystals = [30.2, 30.3, 30.4, 30.5, 30.6, 30.7].map((diameterMm, id) =>
    stockCrystal({ id: id + 1, diameterMm, edgeThicknessMm: 2, centreThicknessMm: 2 }),
  )
  const gaskets = [
    stockGasket({ id: 1, outerDiameterMm: 31.4, wallMm: 0.45, heightMm: 1.8 }),
    stockGasket({ id: 2, outerDiameterMm: 31.4, wallMm: 0.5, heightMm: 1.8 }),
    stockGasket({ id: 3, use: 'bezel', outerDiameterMm: 34.1, wallMm: 0.6, family: 'Signal 2' }),
  ]
  const drawers = stockIndex(crystals, gaskets)
  const basis = (boreMm: number, seen = gaskets) => {
    const sheet = sheetWithBezel(SHEET, { ...NEW, boreMm }, {})
    return {
      index: stockIndex(crystals, seen),
      basis: { measured: {}, sheet, wishes: NO_WISHES, policy: FIT_POLICY },
    }
  }

  it('is the likeliest of all pairs in that bezel, with its second ring: as judging every one of them says', () => {
    fc.assert(
      fc.property(fc.double({ min: 31.2, max: 31.6, noNaN: true }), (boreMm) => {
        const { basis: at } = basis(boreMm)
        const set = setInBezel(drawers, { probability: 0.9 }, at)
        const outcome = seatOf({}, at.sheet, FIT_POLICY)
        if (!outcome.ok) throw new Error(outcome.missing)
        const every = crystals.flatMap((crystal) =>
          gaskets
            .slice(0, 2)
            .map((ring) => assessCandidate(crystal, ring, outcome.seat, FIT_POLICY)?.probability ?? 0),
        )
        const best = Math.max(...every)
        const ring = bezelRings(gaskets, bezelJoint({}, at.sheet), FIT_POLICY, 1)[0]
        if (best < FIT_POLICY.leastProbability) return expect(set.crystal).toBeNull()
        // Chances that round to the same are alike: then the better part comes first.
        expect(set.crystal?.probability).toBeGreaterThan(best - 0.011)
        expect(set.probability).toBeCloseTo(
          0.9 * (set.crystal?.probability ?? 0) * (ring?.probability ?? 0),
          12,
        )
      }),
    )
  })

  it('takes a larger crystal into a bezel bored wider', () => {
    const sizeIn = (boreMm: number) =>
      setInBezel(drawers, { probability: 1 }, basis(boreMm).basis).crystal?.crystal.diameterMm
    expect([sizeIn(31.35), sizeIn(31.45)]).toEqual([30.4, 30.5])
  })

  it('needs no second ring where the bezel goes over a neck, and squeezes by its own inside', () => {
    const sheet = caseSheet({ retention: 'neck-and-bezel', neckOuterMm: 28.94, bezelInnerMm: 30.52 })
    const glass = [29.7, 29.8, 29.9].map((diameterMm, id) => stockCrystal({ id: id + 1, diameterMm }))
    const over = stockGasket({ id: 1, outerDiameterMm: 30.5, wallMm: 0.4 })
    const neck = stockIndex(glass, [over])
    const into = (innerMm: number) =>
      setInBezel(
        neck,
        { probability: 0.9 },
        {
          measured: {},
          sheet: sheetWithBezel(sheet, { ...NEW, innerMm }, {}),
          wishes: NO_WISHES,
          policy: FIT_POLICY,
        },
      )
    const [usual, wider] = [into(30.44), into(30.56)]
    expect(usual).toMatchObject({ ring: null, ringed: false })
    expect(usual.probability).toBeCloseTo(0.9 * (usual.crystal?.probability ?? 0), 12)
    expect(usual.crystal?.crystal.diameterMm).toBeLessThan(wider.crystal?.crystal.diameterMm ?? 0)
  })

  it('is worth nothing without its second ring, or without any crystal', () => {
    const bare = basis(31.35, gaskets.slice(0, 2))
    expect(setInBezel(bare.index, { probability: 1 }, bare.basis)).toMatchObject({
      ring: null,
      probability: 0,
    })
    expect(setInBezel(drawers, { probability: 1 }, basis(33).basis)).toMatchObject({
      crystal: null,
      probability: 0,
    })
  })
})
