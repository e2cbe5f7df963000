import fc from 'fast-check'
import { settlingReading } from './settlingReading'
import { stepVerdict } from './stepVerdict'

const policy = { stepMm: 0.1, makerUncertaintyMm: 0.02 }
const reading = (valueMm: number, standardUncertaintyMm = 0.012) => ({ valueMm, standardUncertaintyMm })

describe('stepVerdict', () => {
  it('takes the 1.0 for a measured 1.1 where stock comes in 1.0 and 1.5', () => {
    // Common practice.
    const verdict = stepVerdict(reading(1.1), [1.5, 1], policy)
    expect(verdict.pick.sizeMm).toBe(1)
    expect(verdict.candidates.map(({ sizeMm }) => sizeMm)).toEqual([1, 1.5])
    expect(verdict.offMm).toBeCloseTo(0.1, 9)
  })

  it('takes the thinner half-way between two neighbouring steps that are kept, and says so', () => {
    // Common practice: readings 1.10 1.10 1.11.
    const rule = { ...policy, smallerOfTwo: true }
    const verdict = stepVerdict(reading(1.1033), [1, 1.2, 1.5], rule)
    expect(verdict.pick.sizeMm).toBe(1)
    expect(verdict.between).toEqual({ valueMm: 1.1033, thinnerMm: 1, thickerMm: 1.2 })
    expect(stepVerdict(reading(1.12), [1, 1.2], rule).pick.sizeMm).toBe(1)
    expect(stepVerdict(reading(1.121), [1, 1.2], rule)).toMatchObject({
      pick: { sizeMm: 1.2 },
      between: null,
    })
    expect(stepVerdict(reading(1.1033), [1, 1.2], policy).pick.sizeMm).toBe(1.2)
    expect(stepVerdict(reading(1.1033), [1.2], rule).pick.sizeMm).toBe(1.2)
  })

  it('is undecided half-way between two steps, and sure on one', () => {
    const half = stepVerdict(reading(0.55), [0.5, 0.6], policy)
    expect(half.candidates.map((c) => c.probability)).toEqual([
      expect.closeTo(0.5, 9),
      expect.closeTo(0.5, 9),
    ])
    expect(stepVerdict(reading(0.5), [0.5, 0.6], policy).pick.probability).toBeGreaterThan(0.99)
  })

  it('lays its own grid where no steps are known, and makes 1 in all', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 40, noNaN: true }),
        fc.double({ min: 0.002, max: 0.2, noNaN: true }),
        (mm, u) => {
          const { candidates, pick } = stepVerdict(reading(mm, u), [], policy)
          expect(candidates.reduce((sum, c) => sum + c.probability, 0)).toBeCloseTo(1, 9)
          expect(Math.abs(pick.sizeMm - mm)).toBeLessThanOrEqual(0.0501)
        },
      ),
    )
  })

  it('refuses a step of nothing', () => {
    expect(() => stepVerdict(reading(1), [], { ...policy, stepMm: 0 })).toThrow(/stepMm/)
  })
})

describe('the even grid about a reading', () => {
  it('reaches four of its uncertainties and a step to either side', () => {
    const sizes = stepVerdict(reading(1.04, 0.05), [], policy).candidates.map(({ sizeMm }) => sizeMm)
    expect([sizes[0], sizes.at(-1), sizes.length]).toEqual([0.6, 1.5, 10])
  })
})

describe('settlingReading', () => {
  const micrometer = { label: 'micrometer', uncertaintyMm: 0.003, minutes: 1 }
  const caliper = { label: 'caliper', uncertaintyMm: 0.02, minutes: 1 }

  it('asks for the micrometer where a wall is between two steps', () => {
    const best = settlingReading(reading(0.52, 0.015), [0.5, 0.55], { ...policy, makerUncertaintyMm: 0.01 }, [
      caliper,
      micrometer,
    ])
    expect(best?.label).toBe('micrometer')
    expect(best?.chanceOfChange).toBeGreaterThan(0.1)
  })

  it('asks for nothing where no reading would change the step', () => {
    expect(settlingReading(reading(1.02), [1, 1.5], policy, [micrometer])).toBeNull()
  })
})
