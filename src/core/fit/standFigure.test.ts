import {
  acrylicSeatOf,
  cementSeatOf,
  figure,
  neckSeatOf,
  ringSeatOf,
} from '../../../tests/factories/crystalSeats'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { constructionOf } from '../construction/constructions'
import { assessCandidate } from './assessCandidate'
import type { CrystalSeat } from './CrystalSeat'
import { FIT_POLICY } from './fitPolicy'
import type { StockCrystal, StockGasket } from './parts'
import { standFigure } from './standFigure'

function stand(crystal: StockCrystal, gasket: StockGasket | null, facts: CrystalSeat) {
  const candidate = assessCandidate(crystal, gasket, facts, FIT_POLICY)
  if (!candidate) throw new Error('it is not of this construction')
  return standFigure(candidate, constructionOf(facts.retention).words, FIT_POLICY)
}

const glass = (edgeThicknessMm: number) =>
  stockCrystal({ diameterMm: 29.8, edgeThicknessMm, centreThicknessMm: edgeThicknessMm })
const ring = stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 })
const acrylic = (centreThicknessMm: number) =>
  stockCrystal({
    build: 'snap',
    material: 'acrylic',
    diameterMm: 30.1,
    undersideRiseMm: 1.2,
    centreThicknessMm,
  })

describe('standFigure', () => {
  it.each([
    [1.0, '−0.05', 'flush', true],
    [1.2, '+0.15', 'proud', false],
    [0.8, '−0.25', 'sunk', false],
  ] as const)('tells the rim of a ring gasket in a bore: edge %s', (edge, value, word, good) => {
    const crystal = stockCrystal({ edgeThicknessMm: edge, centreThicknessMm: edge })
    expect(stand(crystal, stockGasket(), ringSeatOf())).toEqual({ title: 'Rim', value, word, good })
  })

  it('tells the rim of what is cemented, the bed of cement counted', () => {
    const crystal = stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 })
    expect(stand(crystal, null, cementSeatOf())).toMatchObject({ title: 'Rim', word: 'flush' })
  })

  it.each([
    [1.2, '0.00', 'as old', true],
    [1.5, '+0.30', 'thicker', false],
    [1.0, '−0.20', 'thinner', false],
  ] as const)('tells glass under a lip by the old edge: %s', (edge, value, word, good) => {
    expect(stand(glass(edge), ring, neckSeatOf())).toEqual({ title: 'Edge', value, word, good })
  })

  it.each([
    // 1.2 of rise and the roof against an old one of 2.5 in all.
    [1.3, '0.00', 'as old', true],
    [1.6, '+0.30', 'higher', false],
    [1.0, '−0.30', 'lower', false],
  ] as const)('tells an acrylic by the old one’s whole height: roof %s', (roof, value, word, good) => {
    expect(stand(acrylic(roof), null, acrylicSeatOf())).toEqual({ title: 'Height', value, word, good })
  })

  it('says nothing where nobody measured the old one', () => {
    expect(stand(glass(1.2), ring, neckSeatOf({ foundThickness: null }))).toBeNull()
    expect(stand(acrylic(1.3), null, acrylicSeatOf({ domeHeight: null }))).toBeNull()
    const cup = stockCrystal({ build: 'cup', material: 'acrylic', diameterMm: 29.2, skirtInnerMm: 27.55 })
    const over = neckSeatOf({ crystal: 'cup', neckOuter: figure(27.6), bezelInner: figure(29.15) })
    expect(stand(cup, null, over)).toBeNull()
  })
})
