import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { learnedChance, learnedSpread } from './learned'
import { withPast } from './withPast'
import { assessCandidate } from './assessCandidate'
import { ringSeatOf } from '../../../tests/factories/crystalSeats'
import { FIT_POLICY } from './fitPolicy'

describe('learnedChance', () => {
  it('weighs a case’s own runs against the figures, worth four of them', () => {
    expect(learnedChance(0.84, { good: 13, failed: 0 })).toBeCloseTo(0.9624, 4)
    expect(learnedChance(0.84, { good: 13, failed: 2 })).toBeCloseTo(0.8611, 4)
    expect(learnedChance(0.84, { good: 0, failed: 0 })).toBe(0.84)
  })
})

describe('learnedSpread', () => {
  const handbook = { mean: 0.05, standardDeviation: 0.01 }

  it('is the handbook’s without a run, and the runs’ own with many', () => {
    expect(learnedSpread(handbook, [])).toEqual({ ...handbook, runs: 0 })
    const many = learnedSpread(
      handbook,
      Array.from({ length: 4000 }, (_, i) => 0.03 + (i % 2 ? 0.002 : -0.002)),
    )
    expect(many.mean).toBeCloseTo(0.03, 4)
    expect(many.standardDeviation).toBeCloseTo(0.002, 3)
  })

  it('lies between them with few, wider where they disagree', () => {
    // Four of the prior and four of its own: half way; variance (4·.01² + 0 + 16·.02²/8) / 8 = .00015.
    const few = learnedSpread(handbook, [0.03, 0.03, 0.03, 0.03])
    expect(few.mean).toBeCloseTo(0.04, 12)
    expect(few.standardDeviation).toBeCloseTo(Math.sqrt(0.00015), 12)
  })
})

describe('withPast', () => {
  const pair = assessCandidate(stockCrystal({ id: 7 }), stockGasket({ id: 3 }), ringSeatOf(), FIT_POLICY)
  if (!pair) throw new Error('it does not go in at all')
  const past = { crystalId: 7, gasketId: 3, good: 13, failed: 0 }

  it('learns from this very pair only, and keeps what the figures alone said', () => {
    const [byFigures = NaN] = pair.constraints.map(({ probability }) => probability)
    const learned = withPast(pair, { pastPairs: [past] }, FIT_POLICY)
    expect(learned.constraints[0]?.probability).toBeCloseTo((4 * byFigures + 13) / 17, 12)
    expect(learned.constraints.slice(1)).toEqual(pair.constraints.slice(1))
    expect(learned.past).toEqual({ good: 13, failed: 0, byFigures })
    expect(withPast(pair, { pastPairs: [{ ...past, gasketId: 4 }] }, FIT_POLICY)).toBe(pair)
  })

  it('does not lift what the shop’s limits rule out', () => {
    const ruledOut = withPast(pair, { pastPairs: [past] }, { leastProbability: 1 })
    expect(ruledOut.fitProbability).toBeCloseTo(pair.fitProbability, 12)
  })

  it('comes down with failed runs', () => {
    const bad = withPast(pair, { pastPairs: [{ ...past, good: 0, failed: 9 }] }, FIT_POLICY)
    expect(bad.fitProbability).toBeLessThan(pair.fitProbability)
  })
})
