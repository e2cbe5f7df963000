import { priceOf, priceRank } from './price'

describe('priceOf', () => {
  it('adds what is there', () => {
    expect(priceOf({ priceCents: 700 }, { priceCents: 150 })).toBe(850)
    expect(priceOf({ priceCents: 700 }, null)).toBe(700)
  })

  it('says nothing of a price that nobody knows', () => {
    expect(priceOf({ priceCents: 700 }, { priceCents: 0 })).toBeNull()
    expect(priceOf({ priceCents: 0 }, null)).toBeNull()
  })
})

describe('priceRank', () => {
  it('puts the lowest first and the unknown last', () => {
    const prices = [900, null, 300]
    expect(prices.toSorted((a, b) => priceRank(a) - priceRank(b))).toEqual([300, 900, null])
  })
})
