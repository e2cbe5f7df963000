import fc from 'fast-check'
import { gaugeCheck } from './gaugeCheck'
import { TYPICAL_INSTRUMENTS } from './InstrumentSpec'

const CALIPER = TYPICAL_INSTRUMENTS.caliper

describe('gaugeCheck', () => {
  it('catches a zero error of 0.05 and says what to take off', () => {
    const check = gaugeCheck(10, [10.05, 10.05, 10.05], CALIPER)
    expect(check).toMatchObject({ verdict: 'correct', newZeroOffsetMm: 0.05 })
    expect(check.words).toMatch(/It shows \+0.05 on 10.00: take that off/)
    const corrected = gaugeCheck(10, [10.05], { ...CALIPER, zeroOffsetMm: 0.05 })
    expect(corrected.verdict).toBe('within')
  })

  it('brings any drift right by the offset it proposes', () => {
    fc.assert(
      fc.property(fc.double({ min: -0.4, max: 0.4, noNaN: true }), (drift) => {
        const check = gaugeCheck(20, [20 + drift], CALIPER)
        const after = gaugeCheck(20, [20 + drift], { ...CALIPER, zeroOffsetMm: check.newZeroOffsetMm })
        expect(Math.abs(after.driftMm)).toBeLessThan(1e-4)
        expect(after.verdict).toBe('within')
      }),
    )
  })

  it('does not correct what does not hold still', () => {
    expect(gaugeCheck(10, [10.0, 10.09], CALIPER).verdict).toBe('unsteady')
  })

  it('refuses no reading and no block', () => {
    expect(() => gaugeCheck(10, [], CALIPER)).toThrow(RangeError)
    expect(() => gaugeCheck(0, [10], CALIPER)).toThrow(/nominalMm/)
  })
})
