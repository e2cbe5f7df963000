import jstat from 'jstat'
import { COVERAGE_FACTOR } from '@/core/measure/coverageFactor'
import { TYPICAL_INSTRUMENTS, typeBUncertaintyMm } from '@/core/measure/InstrumentSpec'
import { HERMITE } from '@/core/verdict/hermite'

describe('instrument defaults', () => {
  // ISO 13385-1 leaves a caliper's limit to its maker; makers state 0.02 or 0.03 up to 150 mm. From memory.
  it('give a caliper what makers state under ISO 13385-1', () => {
    const { maximumPermissibleErrorMm, resolutionMm } = TYPICAL_INSTRUMENTS.caliper
    expect(maximumPermissibleErrorMm).toBeGreaterThanOrEqual(0.02)
    expect(maximumPermissibleErrorMm).toBeLessThanOrEqual(0.03)
    expect(maximumPermissibleErrorMm).toBeGreaterThanOrEqual(resolutionMm)
  })

  // ISO 3611 likewise; 4 µm up to 25 mm is what makers state. From memory.
  it('give a micrometer what makers state under ISO 3611', () => {
    expect(TYPICAL_INSTRUMENTS.micrometer.maximumPermissibleErrorMm).toBe(0.004)
  })

  it('turn limits into standard uncertainties as GUM 4.3.7 does, worked by hand', () => {
    expect(typeBUncertaintyMm(TYPICAL_INSTRUMENTS.caliper)).toBeCloseTo(
      Math.sqrt(0.03 ** 2 / 3 + 0.01 ** 2 / 12),
      12,
    )
    expect(typeBUncertaintyMm(TYPICAL_INSTRUMENTS.micrometer)).toBeCloseTo(0.0023274, 6)
  })
})

describe('coverage and quadrature against a statistics package (jstat)', () => {
  it('k = 2 covers 95.45 % of a normal distribution', () => {
    const inside = jstat.normal.cdf(COVERAGE_FACTOR, 0, 1) - jstat.normal.cdf(-COVERAGE_FACTOR, 0, 1)
    expect(inside).toBeCloseTo(0.9545, 4)
  })

  it('is short of the t distribution by little where three readings are rare and the instrument dominates', () => {
    // t(0.9545; 2 degrees of freedom) = 4.53: what k = 2 would have to be if scatter were all there is.
    expect(jstat.studentt.inv(0.97725, 2)).toBeCloseTo(4.53, 2)
    // Three caliper readings 0.01 apart: Welch–Satterthwaite (GUM G.4.1) gives so many degrees of freedom that t is near 2.
    const a = 0.01 / Math.sqrt(3)
    const b = typeBUncertaintyMm(TYPICAL_INSTRUMENTS.caliper)
    const freedom = (a * a + b * b) ** 2 / (a ** 4 / 2)
    expect(freedom).toBeGreaterThan(100)
    expect(jstat.studentt.inv(0.97725, freedom)).toBeLessThan(2.03)
  })

  it('integrates the moments of a normal density exactly (Abramowitz & Stegun 25.4.46, seven points)', () => {
    const moment = (power: number) => HERMITE.reduce((sum, [node, weight]) => sum + weight * node ** power, 0)
    for (const [power, value] of [
      [0, 1],
      [1, 0],
      [2, 1],
      [4, 3],
      [6, 15],
      [8, 105],
    ] as const) {
      expect(moment(power)).toBeCloseTo(value, 6)
    }
  })
})
