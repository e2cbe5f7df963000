import fc from 'fast-check'
import { REMOVAL_OUTCOMES } from './Removal'
import type { PastRemoval } from './wayRecord'
import { riskAfter, wayRecord } from './wayRecord'

const past = (over: Partial<PastRemoval> = {}): PastRemoval => ({
  ...{ part: 'bezel', way: 'four-jaw', outcome: 'clean', minutes: null },
  ...{ sameCase: false, alike: true },
  ...over,
})

describe('wayRecord', () => {
  it('counts what happened on this case and on such parts, other ways and other parts left out', () => {
    const record = wayRecord('four-jaw', [
      past({ sameCase: true, minutes: 6 }),
      past({ sameCase: true, minutes: 8 }),
      past({ outcome: 'marked', minutes: 20 }),
      past({ outcome: 'did-not-move' }),
      past({ way: 'grip-ball', outcome: 'broke' }),
      past({ alike: false, outcome: 'bent' }),
    ])
    expect(record).toEqual({
      ...{ tries: 4, harmed: 1, stuck: 1, medianMinutes: 8 },
      words: 'this case: 2, all clean; such parts: 4, 1 did not move, 1 left a mark',
    })
  })

  it('says nothing of what was never tried', () => {
    expect(wayRecord('soak', [])).toEqual({ tries: 0, harmed: 0, stuck: 0, medianMinutes: null, words: '' })
  })

  it('takes the middle between two', () => {
    expect(wayRecord('four-jaw', [past({ minutes: 4 }), past({ minutes: 7 })]).medianMinutes).toBe(5.5)
  })
})

describe('riskAfter', () => {
  it('by hand: five tries’ worth of .1, then one mark of a like part, then one on this case', () => {
    // (5 × .1 + 1) / 6 = .25 of such parts
    expect(riskAfter(0.1, 'four-jaw', [past({ outcome: 'marked' })])).toBeCloseTo(0.25, 9)
    // The same one on this case counts once more: (5 × .25 + 1) / 6
    const here = past({ outcome: 'marked', sameCase: true })
    expect(riskAfter(0.1, 'four-jaw', [here])).toBeCloseTo(0.375, 9)
  })

  it('stays between 0 and 1, rises with harm and falls with what went clean', () => {
    const tried = fc.record({
      outcome: fc.constantFrom(...REMOVAL_OUTCOMES),
      sameCase: fc.boolean(),
      alike: fc.boolean(),
    })
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.array(tried), (risk, seen) => {
        const before = seen.map((one) => past(one))
        const now = riskAfter(risk, 'four-jaw', before)
        const harmed = riskAfter(risk, 'four-jaw', [...before, past({ outcome: 'bent', sameCase: true })])
        const went = riskAfter(risk, 'four-jaw', [...before, past({ sameCase: true })])
        expect(now).toBeGreaterThanOrEqual(0)
        expect(now).toBeLessThanOrEqual(1)
        expect(harmed).toBeGreaterThanOrEqual(now - 1e-12)
        expect(went).toBeLessThanOrEqual(now + 1e-12)
      }),
    )
  })
})
