import { ringSeatOf } from '../../../tests/factories/crystalSeats'
import { stockBezel } from '../../../tests/factories/otherParts'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessPair } from '../construction/ring/assessPair'
import { FIT_POLICY } from '../fit/fitPolicy'
import type { BezelAssessment } from './assessBezel'
import type { BezelSet } from './bezelSet'
import { setProbability, setText } from './bezelSet'
import { withSets } from './chooseBezelParts'

const CRYSTAL = assessPair(stockCrystal(), stockGasket(), ringSeatOf(), FIT_POLICY)
const RING = { gasket: stockGasket({ code: 'N-341-60' }), squeeze: 0.1, probability: 0.9, reason: '' }

describe('setProbability', () => {
  it('multiplies what is judged and leaves out what goes back as it was', () => {
    expect(setProbability([{ probability: 0.8 }, { probability: null }, { probability: 0.5 }])).toBeCloseTo(
      0.4,
      12,
    )
    expect(setProbability([])).toBe(1)
  })
})

describe('setText', () => {
  it('names crystal and rings, or what is missing', () => {
    expect(setText({ crystal: CRYSTAL, ring: RING, ringed: true, probability: 0.72 })).toBe(
      'Goes with C-300-10 (30.0 × 1.0) in G-310-50 and second ring N-341-60: all together right with 72\u00A0%.',
    )
    expect(setText({ crystal: CRYSTAL, ring: null, ringed: true, probability: 0 })).toMatch(
      /no second ring of the drawers/,
    )
    expect(setText({ crystal: CRYSTAL, ring: null, ringed: false, probability: 0.8 })).toMatch(
      /in G-310-50: all together right with 80\u00A0%/,
    )
    expect(setText({ crystal: null, ring: RING, ringed: true, probability: 0 })).toMatch(
      /^Nothing in the drawers is held by it/,
    )
  })
})

describe('withSets', () => {
  const found = (id: number): BezelAssessment => ({
    bezel: stockBezel({ id }),
    set: null,
    probability: 0.9,
    failures: [],
    reasons: ['Fits.'],
  })

  it('puts the bezel first that the drawers have most for, and says what', () => {
    const chances: Record<number, number> = { 1: 0, 2: 0.4, 3: 0.8 }
    const setFor = ({ bezel }: BezelAssessment): BezelSet => ({
      crystal: CRYSTAL,
      ring: RING,
      ringed: true,
      probability: chances[bezel.id] ?? 0,
    })
    const { fitting } = withSets({ fitting: [1, 2, 3].map(found), rejected: [] }, setFor)
    expect(fitting.map(({ bezel }) => bezel.id)).toEqual([3, 2, 1])
    expect(fitting[0]?.reasons).toEqual([expect.stringMatching(/all together right with 80\u00A0%/), 'Fits.'])
  })
})
