import fc from 'fast-check'
import { estimateFromReadings } from './estimateFromReadings'
import { fuseEstimates } from './fuseEstimates'
import { TYPICAL_INSTRUMENTS, typeBUncertaintyMm } from './InstrumentSpec'
import { spreadTest } from './spreadTest'

const CALIPER = TYPICAL_INSTRUMENTS.caliper
const lengthMm = fc.double({ min: 1, max: 60, noNaN: true })

describe('estimateFromReadings', () => {
  it('takes the zero offset off', () => {
    const offset = estimateFromReadings([30], { ...CALIPER, zeroOffsetMm: 0.05 })
    expect(offset.valueMm).toBeCloseTo(29.95, 10)
  })

  it('keeps the instrument error however often it is read', () => {
    const many = estimateFromReadings(
      Array.from({ length: 200 }, () => 30),
      CALIPER,
    )
    expect(many.standardUncertaintyMm).toBeCloseTo(typeBUncertaintyMm(CALIPER), 12)
  })

  it('shifts with its readings', () => {
    fc.assert(
      fc.property(fc.array(lengthMm, { minLength: 2, maxLength: 6 }), (readings) => {
        const here = estimateFromReadings(readings, CALIPER)
        const there = estimateFromReadings(
          readings.map((r) => r + 1),
          CALIPER,
        )
        expect(there.valueMm - here.valueMm).toBeCloseTo(1, 9)
        expect(there.standardUncertaintyMm).toBeCloseTo(here.standardUncertaintyMm, 6)
      }),
    )
  })

  it('refuses no reading, and one that is no number', () => {
    expect(() => estimateFromReadings([], CALIPER)).toThrow(RangeError)
    expect(() => estimateFromReadings([NaN], CALIPER)).toThrow(/readingsMm/)
    expect(() => typeBUncertaintyMm({ ...CALIPER, resolutionMm: 0 })).toThrow(/resolutionMm/)
  })
})

describe('fuseEstimates', () => {
  it('halves the variance of two equals and lies between two that differ', () => {
    fc.assert(
      fc.property(lengthMm, lengthMm, (a, b) => {
        const fused = fuseEstimates([
          { valueMm: a, standardUncertaintyMm: 0.02 },
          { valueMm: b, standardUncertaintyMm: 0.02 },
        ])
        expect(fused.valueMm).toBeCloseTo((a + b) / 2, 9)
        expect(fused.standardUncertaintyMm).toBeCloseTo(0.02 / Math.SQRT2, 12)
      }),
    )
  })

  it('refuses an estimate that claims to be exact', () => {
    expect(() => fuseEstimates([{ valueMm: 30, standardUncertaintyMm: 0 }])).toThrow(/standardUncertaintyMm/)
  })
})

describe('spreadTest', () => {
  it('explains a hundredth or two of a caliper, and not a tenth', () => {
    expect(spreadTest([30.02, 30.04, 30.03], CALIPER).verdict).toBe('explained')
    const wide = spreadTest([30.02, 30.12, 30.03], CALIPER)
    expect(wide.verdict).toBe('too-wide')
    expect(wide.spreadMm).toBeCloseTo(0.1, 10)
    expect(wide.likelyCauses.join()).toMatch(/oval/)
  })

  it('says nothing of a single reading', () => {
    expect(spreadTest([30.02], CALIPER).verdict).toBe('one-reading')
    expect(spreadTest([], CALIPER).verdict).toBe('one-reading')
  })
})
