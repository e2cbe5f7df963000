import type { Costs } from './costLines'
import { costLines, totalCents } from './costLines'

const COSTS: Costs = {
  ...{ quoteCents: 8000, quoteMinutes: 60, quoteSpecialist: '' },
  ...{
    parts: [
      { count: 1, priceCents: 1250 },
      { count: 2, priceCents: 60 },
    ],
    minutes: 90,
    hourCents: 6000,
  },
}
const said = (over: Partial<Costs> = {}) =>
  Object.fromEntries(costLines({ ...COSTS, ...over }).map(({ what, words }) => [what, words]))

describe('what a job cost', () => {
  it('is told beside what was quoted', () => {
    expect(totalCents(COSTS)).toBe(1250 + 120 + 9000)
    expect(said()).toEqual({
      Quoted: '80.00, 1 h',
      Parts: '13.70',
      Work: '1 h 30 min, as the steps that were done are reckoned, at 60.00 an hour',
      'Came to': '103.70, 23.70 more than quoted',
    })
    expect(said({ quoteCents: 10370 })['Came to']).toBe('103.70, as quoted')
  })

  it('is no sum while a price is not known', () => {
    expect(said({ hourCents: null })).not.toHaveProperty('Came to')
    const unpriced = said({ parts: [{ count: 1, priceCents: 0 }] })
    expect(unpriced).not.toHaveProperty('Came to')
    expect(unpriced['Parts']).toMatch(/1 without a price/)
  })

  it('is left out where nothing was quoted and no part was taken', () => {
    const none = { quoteCents: null, quoteMinutes: null, parts: [] }
    expect(costLines({ ...COSTS, ...none })).toEqual([])
    expect(said({ ...none, quoteSpecialist: 'tube' })).toHaveProperty('A specialist has to quote', 'tube')
  })
})
