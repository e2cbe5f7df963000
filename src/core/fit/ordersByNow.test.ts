import type { OrderProposal } from './OrderProposal'
import { ordersByNow } from './OrderProposal'

const order = (fitProbability: number): OrderProposal => ({
  crystalDiameterMm: 28,
  crystalWidthMm: null,
  crystalThicknessMm: 1,
  ring: null,
  fitProbability,
  note: '',
})
const POLICY = { leastProbability: 0.5 }

describe('orders by what is read now', () => {
  const orders = [order(0.9), order(0.5), order(0.24)]

  it('are all there are once everything is read', () => {
    expect(ordersByNow(orders, [], POLICY)).toEqual(orders)
  })

  it('are with something unread only those that would be called a fit, the limit with them', () => {
    expect(ordersByNow(orders, ['bore'], POLICY)).toEqual(orders.slice(0, 2))
  })
})
