import fc from 'fast-check'
import { combinedEstimate } from './combinedEstimate'
import { coverageFactor } from './coverageFactor'
import { expandedUncertaintyMm } from './Estimate'
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

describe('what readings of one instrument share', () => {
  const by = (instrumentId: number, ...readings: number[]) =>
    estimateFromReadings(readings, { ...CALIPER, instrumentId })

  it('is its zero and its scale, under its name, the rest is their own', () => {
    const { shared, standardUncertaintyMm } = estimateFromReadings([30.02], {
      ...CALIPER,
      instrumentId: 7,
      scaleUncertainty: 1e-4,
    })
    expect(shared).toEqual({
      'zero 7': 0.03 / Math.sqrt(3),
      'scale 7': expect.closeTo(0.003002, 9) as number,
    })
    expect(standardUncertaintyMm).toBeCloseTo(Math.hypot(0.0173205, 0.003002, 0.0028868), 6)
    expect(estimateFromReadings([30.02], CALIPER).shared).toBeUndefined()
    const alone = estimateFromReadings([30.02], { ...CALIPER, scaleUncertainty: 1e-4 })
    expect(alone.typeBUncertaintyMm).toBeCloseTo(standardUncertaintyMm, 9)
  })

  it('cancels in a difference and counts in full in a sum', () => {
    const [a, b] = [by(1, 31), by(1, 30)]
    const own = 0.01 / Math.sqrt(12)
    const difference = combinedEstimate([
      [1, a],
      [-1, b],
    ])
    expect(difference.standardUncertaintyMm).toBeCloseTo(own * Math.SQRT2, 12)
    const sum = combinedEstimate([
      [1, a],
      [1, b],
    ])
    expect(sum.standardUncertaintyMm).toBeCloseTo(Math.hypot(own * Math.SQRT2, (2 * 0.03) / Math.sqrt(3)), 12)
    expect(
      combinedEstimate([
        [1, a],
        [-1, by(2, 30)],
      ]).standardUncertaintyMm,
    ).toBeCloseTo(typeBUncertaintyMm(CALIPER) * Math.SQRT2, 12)
  })

  it('does not cancel between jaws whose zeros go opposite ways', () => {
    const odd = { ...CALIPER, instrumentId: 1, insideZero: 'opposite' } as const
    const [outside, inside] = [
      estimateFromReadings([30], odd),
      estimateFromReadings([31], odd, { inside: true }),
    ]
    expect(inside.shared?.['zero 1']).toBeCloseTo(-(outside.shared?.['zero 1'] ?? 0), 12)
    const difference = combinedEstimate([
      [1, inside],
      [-1, outside],
    ])
    expect(difference.standardUncertaintyMm).toBeGreaterThan((2 * 0.03) / Math.sqrt(3))
  })

  it('is never fused away: a hundred readings of one caliper know no more than its zero allows', () => {
    const many = fuseEstimates(Array.from({ length: 100 }, () => by(1, 30)))
    expect(many.standardUncertaintyMm).toBeGreaterThan(0.03 / Math.sqrt(3))
    expect(many.standardUncertaintyMm).toBeLessThan(0.0174)
  })

  it('keeps the covariance: fusing is the same whatever the order', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(lengthMm, fc.integer({ min: 1, max: 3 })), { minLength: 2, maxLength: 5 }),
        (read) => {
          const estimates = read.map(([mm, id]) => by(id, mm))
          const here = fuseEstimates(estimates)
          const there = fuseEstimates([...estimates].reverse())
          expect(there.valueMm).toBeCloseTo(here.valueMm, 6)
          expect(there.standardUncertaintyMm).toBeCloseTo(here.standardUncertaintyMm, 9)
        },
      ),
    )
  })

  it('names what is wrong where nothing of an error is its own', () => {
    const exact = { valueMm: 30, standardUncertaintyMm: 0.02, shared: { 'zero 1': 0.02 } }
    expect(() => fuseEstimates([exact, exact])).toThrow(/covariance of 2 readings.*instruments in Settings/)
  })
})

describe('Type A after a fit', () => {
  it('has as many degrees of freedom as readings to spare', () => {
    const shown = [30.01, 29.99, 30.01, 29.99]
    const plain = estimateFromReadings(shown, CALIPER)
    const fitted = estimateFromReadings(shown, CALIPER, { fitted: 3 })
    // Squares of 4 × 0.01²: over 3 and over 1, by hand.
    expect(plain.typeAUncertaintyMm).toBeCloseTo(0.0057735, 6)
    expect(fitted.typeAUncertaintyMm).toBeCloseTo(0.01, 9)
    expect(fitted.degreesOfFreedom).toBeCloseTo(fitted.standardUncertaintyMm ** 4 / 0.01 ** 4, 6)
    expect(estimateFromReadings(shown.slice(0, 3), CALIPER, { fitted: 3 }).typeAUncertaintyMm).toBe(0)
    expect(estimateFromReadings([30], CALIPER).typeAUncertaintyMm).toBe(0)
    expect(estimateFromReadings([30], CALIPER).degreesOfFreedom).toBeUndefined()
  })

  it('widens what stands after the ± where it rests on few readings', () => {
    const exact = { resolutionMm: 0.0001, maximumPermissibleErrorMm: 0, zeroOffsetMm: 0 }
    const three = estimateFromReadings([30, 30.02, 30.04], exact)
    expect(expandedUncertaintyMm(three) / three.standardUncertaintyMm).toBeCloseTo(4.53, 2)
    const caliper = estimateFromReadings([30.02, 30.04, 30.03], CALIPER)
    expect(expandedUncertaintyMm(caliper) / caliper.standardUncertaintyMm).toBeLessThan(2.02)
    expect(expandedUncertaintyMm({ valueMm: 30, standardUncertaintyMm: 0.02 })).toBe(0.04)
  })
})

describe('degrees of freedom of a sum', () => {
  it('are the fourth powers of its parts by their own degrees', () => {
    const part = (degreesOfFreedom?: number) => ({
      valueMm: 1,
      standardUncertaintyMm: 0.01,
      ...(degreesOfFreedom !== undefined && { degreesOfFreedom }),
    })
    const sum = (...parts: ReturnType<typeof part>[]) =>
      combinedEstimate(parts.map((each) => [1, each] as const)).degreesOfFreedom
    // (2u²)² over twice u⁴/4, by hand; a well-known part adds to the sum alone.
    expect(sum(part(4), part(4))).toBeCloseTo(8, 9)
    expect(sum(part(4), part())).toBeCloseTo(16, 9)
    expect(sum(part(), part())).toBeUndefined()
  })
})

describe('coverageFactor', () => {
  it('falls from Student’s t for one degree of freedom to two', () => {
    expect(coverageFactor(1)).toBe(13.97)
    expect(coverageFactor(0.3)).toBe(13.97)
    // Rows of GUM table G.2, 95.45 %.
    for (const [nu, t] of [
      [10, 2.28],
      [20, 2.13],
      [50, 2.05],
      [100, 2.025],
    ] as const)
      expect(coverageFactor(nu)).toBe(t)
    expect(coverageFactor(Infinity)).toBe(2)
    expect(coverageFactor()).toBe(2)
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1e6, noNaN: true }), (nu) => {
        expect(coverageFactor(nu)).toBeGreaterThanOrEqual(coverageFactor(nu * 1.1))
        expect(coverageFactor(nu)).toBeGreaterThanOrEqual(2)
      }),
    )
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
