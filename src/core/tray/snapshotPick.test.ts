import {
  acrylicSeatOf,
  cementSeatOf,
  figure,
  neckSeatOf,
  ringSeatOf,
} from '../../../tests/factories/crystalSeats'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessCandidate } from '../fit/assessCandidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { FIT_POLICY } from '../fit/fitPolicy'
import { fitReasons } from '../fit/fitReasons'
import type { StockCrystal, StockGasket } from '../fit/parts'
import { boreOfPick } from './PickEvidence'
import { snapshotPick } from './snapshotPick'

function picked(crystal: StockCrystal, gasket: StockGasket | null, facts: CrystalSeat) {
  const candidate = assessCandidate(crystal, gasket, facts, FIT_POLICY)
  if (!candidate) throw new Error('it does not go in at all')
  return snapshotPick(candidate, {
    seat: facts,
    verdict: null,
    readings: READINGS,
    reasons: fitReasons(candidate, facts, NO_WISHES, FIT_POLICY),
  })
}

const READINGS = [7, 9].map((id) => ({
  id,
  dimension: 'bore' as const,
  placeIndex: 0,
  shownMm: 30.95,
  instrumentId: 1,
  resolutionMm: 0.01,
  maximumPermissibleErrorMm: 0.02,
  zeroOffsetMm: 0,
}))

describe('snapshotPick', () => {
  it('keeps the figures of the case it was judged by, each with its doubt and where it came from', () => {
    const kept = picked(stockCrystal(), stockGasket(), ringSeatOf())
    expect(kept).toMatchObject({ formatVersion: 3, retention: 'tension-gasket', readingIds: [7, 9] })
    expect(kept.rimMm).toBeCloseTo(-0.05, 12)
    expect(kept.figures).toEqual({
      bore: { valueMm: 30.95, standardUncertaintyMm: 0.02, origin: 'measured' },
      'seat-depth': { valueMm: 1.05, standardUncertaintyMm: 0.02, origin: 'measured' },
      'hands-below-seat': { valueMm: 0.52, standardUncertaintyMm: 0.02, origin: 'measured' },
      'crystal-edge': { valueMm: 1.02, standardUncertaintyMm: 0.02, origin: 'measured' },
    })
    // Interference 30 − (30.95 − 2 × 0.50) = 0.05 of two walls of 0.50.
    expect(kept.hold).toBe('Squeeze 5.0\u00A0%')
    expect(kept.reasons[0]).toMatch(/Interference 0.05 of 0.01–0.10/)
    expect(kept.fitProbability).toBeGreaterThan(kept.probability - 1e-12)
  })

  it('names the bore of a bezel as the bezel’s, and finds it again', () => {
    const kept = picked(
      stockCrystal(),
      stockGasket(),
      ringSeatOf({ retention: 'press-in-bezel', figures: { 'bezel-bore': figure(30.95) } }),
    )
    expect(Object.keys(kept.figures)).toContain('bezel-bore')
    expect(Object.keys(kept.figures)).not.toContain('bore')
    expect(boreOfPick(kept)).toBe(30.95)
  })

  it.each([
    [
      'glass over a neck',
      stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.2, centreThicknessMm: 1.2 }),
      stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 }),
      neckSeatOf(),
      ['neck-outer', 'bezel-inner', 'crystal-edge'],
      /^Squeeze [\d.]+\u00A0%$/,
    ],
    [
      'acrylic in a groove',
      stockCrystal({ build: 'snap', material: 'acrylic', diameterMm: 30.1, undersideRiseMm: 1.2 }),
      null,
      acrylicSeatOf(),
      ['groove', 'dome-height'],
      /^Oversize \+0\.15$/,
    ],
    [
      'a shaped crystal in cement',
      stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 }),
      null,
      cementSeatOf(),
      ['rebate-length', 'rebate-width', 'rebate-depth', 'rebate-corner'],
      /^Gap 0\.05$/,
    ],
    [
      'a round crystal in cement',
      stockCrystal({ diameterMm: 27 }),
      null,
      cementSeatOf({
        outline: 'round',
        length: figure(27.12),
        width: figure(27.12),
        cornerRadius: null,
      }),
      ['bore', 'rebate-depth'],
      /^Gap 0\.06$/,
    ],
  ] as const)('keeps what %s rests on and no more', (_, crystal, gasket, facts, dimensions, hold) => {
    const kept = picked(crystal, gasket, facts)
    expect(Object.keys(kept.figures)).toEqual([...dimensions])
    expect(kept.hold).toMatch(hold)
    expect(kept.reasons.length).toBeGreaterThan(0)
  })

  it('finds the bore of a pick kept while only rings in a case bore were matched', () => {
    const { verdict, handClearanceMm, fitProbability, probability, reasons, readingIds } = picked(
      stockCrystal(),
      stockGasket(),
      ringSeatOf(),
    )
    const base = { verdict, handClearanceMm, fitProbability, probability, reasons, readingIds }
    const first = {
      ...base,
      formatVersion: 1 as const,
      bore: figure(30.95),
      interferenceMm: 0.05,
      squeeze: 0.05,
    }
    expect(boreOfPick({ ...first, rimMm: -0.05 })).toBe(30.95)
  })
})
