import { randomLcg, randomNormal } from 'd3-random'
import { mean, sampleStandardDeviation } from 'simple-statistics'
import { estimateFromReadings } from '@/core/measure/estimateFromReadings'
import { RANGE_95 } from '@/core/measure/spreadTest'
import { fitRoundness } from '@/core/roundness/fitRoundness'

/** JCGM 100:2008 (GUM), table 1 of 4.4.3: twenty temperatures, °C, used here as plain numbers. */
const GUM_TABLE_1 = [
  96.9, 98.18, 98.25, 98.61, 99.03, 99.49, 99.56, 99.74, 99.89, 100.07, 100.33, 100.42, 100.68, 100.95,
  101.11, 101.2, 101.57, 101.84, 102.36, 102.72,
]
const EXACT_INSTRUMENT = { resolutionMm: 1e-9, maximumPermissibleErrorMm: 0, zeroOffsetMm: 0 }

describe('GUM, JCGM 100:2008, 4.4.3', () => {
  it('gives the printed mean, scatter and scatter of the mean', () => {
    const estimate = estimateFromReadings(GUM_TABLE_1, EXACT_INSTRUMENT)
    expect(estimate.valueMm).toBeCloseTo(100.145, 3)
    expect(estimate.typeAUncertaintyMm).toBeCloseTo(0.333, 3)
    expect(estimate.typeAUncertaintyMm * Math.sqrt(20)).toBeCloseTo(1.489, 3)
  })
})

describe('Type A and B in quadrature, GUM 4.3.7 and 5.1.2 (worked by hand)', () => {
  it('takes a caliper of MPE 0.03, resolution 0.01 and zero +0.01', () => {
    const estimate = estimateFromReadings([30.02, 30.04, 30.03], {
      resolutionMm: 0.01,
      maximumPermissibleErrorMm: 0.03,
      zeroOffsetMm: 0.01,
    })
    expect(estimate.valueMm).toBeCloseTo(30.02, 10)
    expect(estimate.standardUncertaintyMm).toBeCloseTo(0.01848, 5)
  })
})

describe('range of n normal values, Pearson & Hartley table 29 (95 %)', () => {
  it('is met by simulation within its own error', () => {
    const normal = randomNormal.source(randomLcg(0.29))(0, 1)
    const draws = 20_000
    for (const [index, limit] of RANGE_95.entries()) {
      let inside = 0
      for (let draw = 0; draw < draws; draw++) {
        const values = Array.from({ length: index + 2 }, normal)
        if (Math.max(...values) - Math.min(...values) <= limit) inside++
      }
      expect(Math.abs(inside / draws - 0.95)).toBeLessThan(4 * Math.sqrt((0.95 * 0.05) / draws))
    }
  })
})

describe('two-lobed roundness (worked by hand from d0 + a·cos2θ + b·sin2θ)', () => {
  it('finds 31.00, oval by 0.08 along 12–6', () => {
    const outcome = fitRoundness([
      { directionDeg: 0, diameterMm: 31.04 },
      { directionDeg: 45, diameterMm: 31.0 },
      { directionDeg: 90, diameterMm: 30.96 },
      { directionDeg: 135, diameterMm: 31.0 },
    ])
    if (!outcome.ok) throw new Error(outcome.reason)
    expect(outcome.roundness.leastSquaresDiameterMm).toBeCloseTo(31.0, 9)
    expect(outcome.roundness.ovalityMm).toBeCloseTo(0.08, 9)
    expect(Math.sin((outcome.roundness.longAxisDeg * Math.PI) / 180)).toBeCloseTo(0, 9)
  })
})

describe('simple-statistics, the package the mean and scatter come from', () => {
  it('divides by n − 1, as GUM 4.2.2 asks', () => {
    expect(sampleStandardDeviation([1, 2, 3, 4, 5]) ** 2).toBeCloseTo(2.5, 12)
    expect(mean([1, 2, 3, 4, 5])).toBe(3)
  })
})
