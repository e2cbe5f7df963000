import fc from 'fast-check'
import { figuresKept } from './describedInstrument'
import { gaugeCheck } from './gaugeCheck'
import { instrumentDoubt } from './instrumentDoubt'
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

  it('proposes an offset in whole ten-thousandths of a millimetre', () => {
    const { newZeroOffsetMm } = gaugeCheck(10, [10.05, 10.05, 10.06], CALIPER)
    expect(newZeroOffsetMm).toBe(0.0533)
  })

  it('takes a drift of just half its error, and readings just as far apart as it may show', () => {
    expect(gaugeCheck(10, [10.02, 10.01], CALIPER).verdict).toBe('within')
    expect(gaugeCheck(10, [9.98, 9.99], CALIPER).verdict).toBe('within')
    expect(gaugeCheck(10, [10.02, 10.02], CALIPER).verdict).toBe('correct')
  })

  it('does not correct what does not hold still', () => {
    expect(gaugeCheck(10, [10.0, 10.09], CALIPER).verdict).toBe('unsteady')
  })

  it('asks about a drift of more than three times its error', () => {
    expect(gaugeCheck(10, [10.09], CALIPER).farOff).toBe(false)
    for (const reading of [10.1, 9.9, 15]) {
      const { farOff, words, verdict } = gaugeCheck(10, [reading], CALIPER)
      expect([farOff, verdict]).toEqual([true, 'correct'])
      expect(words).toMatch(/more than 3 times what it may be wrong\. Is it the right block/)
    }
  })

  it('refuses no reading and no block', () => {
    expect(() => gaugeCheck(10, [], CALIPER)).toThrow(RangeError)
    expect(() => gaugeCheck(0, [10], CALIPER)).toThrow(/nominalMm/)
  })
})

describe('instrumentDoubt', () => {
  const check = (over: object = {}) => ({
    nominalMm: 10,
    driftMm: 0.05,
    verdict: 'correct' as const,
    corrected: false,
    checkedAt: new Date('2026-11-24T09:00:00Z'),
    ...over,
  })
  const doubt = (over: object = {}) => instrumentDoubt({ ...CALIPER, lastCheck: check(over) })

  it('says what the last check showed where that is more than the instrument may be off', () => {
    expect(doubt()).toEqual({
      offMm: 0.05,
      words: 'showed +0.05 on 10.00 at its last check, more than the ±0.03 it may be off',
    })
    expect(doubt({ driftMm: -0.04 })?.words).toMatch(/^showed −0.04 on 10.00/)
    expect(doubt({ verdict: 'unsteady', driftMm: 0 })?.words).toMatch(/did not show the same twice/)
  })

  it('is none where it is within its error, was set right, or nobody checked', () => {
    expect(doubt({ driftMm: 0.03 })).toBeNull()
    expect(doubt({ verdict: 'within', driftMm: 0.01 })).toBeNull()
    expect(doubt({ corrected: true })).toBeNull()
    expect(instrumentDoubt({ ...CALIPER, lastCheck: null })).toBeNull()
    expect(instrumentDoubt(CALIPER)).toBeNull()
  })

  it('goes with every reading of the instrument: its zero may be off by what was found', () => {
    const described = { ...CALIPER, id: 1, zeroUncertaintyMm: null, scaleMmPerM: null, insideZero: null }
    const kept = (over: object) => figuresKept({ ...described, ...over }, false).zeroUncertaintyMm
    expect(kept({ lastCheck: null })).toBeCloseTo(0.03 / Math.sqrt(3), 12)
    expect(kept({ lastCheck: check() })).toBeCloseTo(Math.hypot(0.03 / Math.sqrt(3), 0.05), 12)
    expect(kept({ lastCheck: check(), zeroUncertaintyMm: 0.004 })).toBeCloseTo(Math.hypot(0.004, 0.05), 12)
  })
})

describe('a check of an instrument with steps as large as its error', () => {
  it('takes what its steps hide for right', () => {
    // ±0.004 by its maker, 0.02 a step: half a step's spread, 0.0058, cannot be seen.
    const pins = { resolutionMm: 0.02, maximumPermissibleErrorMm: 0.004, zeroOffsetMm: 0 }
    expect(gaugeCheck(2, [2.005], pins).verdict).toBe('within')
    expect(gaugeCheck(2, [2.007], pins).verdict).toBe('correct')
    // And the other way: half of ±0.03 is 0.015, whatever its steps.
    expect(gaugeCheck(10, [10.014], CALIPER).verdict).toBe('within')
    expect(gaugeCheck(10, [10.016], CALIPER).verdict).toBe('correct')
  })
})
