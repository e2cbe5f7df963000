import { caseSheet } from '../../../tests/factories/caseSheet'
import { FIT_POLICY } from '../fit/fitPolicy'
import type { CaseSheet } from '../tray/CaseSheet'
import { seatOf } from '../tray/seatOf'
import { constructionOf } from './constructions'

/** What is to be ordered for a case whose drawers hold nothing. */
function ordersOf(over: Partial<CaseSheet>) {
  const sheet = { ...caseSheet(), ...over }
  const outcome = seatOf({}, sheet, FIT_POLICY)
  if (!outcome.ok) throw new Error(outcome.missing)
  return constructionOf(sheet.retention).toOrder(outcome.seat, sheet, FIT_POLICY)
}

describe('what to order', () => {
  it('for a groove of 29.00: 29.2, strained 0.7 %, and never one strained over 1 %', () => {
    const orders = ordersOf({ retention: 'snap-acrylic', grooveMm: 29, crystalEdgeMm: 1.8 })
    expect(orders[0]).toMatchObject({
      crystalDiameterMm: 29.2,
      crystalThicknessMm: 1.8,
      ring: null,
      note: expect.stringMatching(/^\+0\.20 against the groove, strained 0\.7\s%$/) as string,
    })
    expect(orders.map(({ crystalDiameterMm }) => crystalDiameterMm)).toEqual([29.2, 29.1])
  })

  it('for a bore that a tension ring spreads against: a little over it', () => {
    const unread = { crystalEdgeMm: null, crystalCentreMm: null }
    const [first] = ordersOf({ retention: 'tension-ring-acrylic', boreMm: 31.4, ...unread })
    expect(first).toMatchObject({
      crystalDiameterMm: 31.5,
      note: expect.stringMatching(/^\+0\.10.*; edge assumed$/) as string,
    })
  })

  it('for a rebate: the sides that leave cement its gap, and the corner it has to have', () => {
    const rebate = { rebateLengthMm: 24.06, rebateWidthMm: 20.05, rebateDepthMm: 0.95, rebateCornerMm: 1.5 }
    const [first] = ordersOf({ retention: 'cemented', crystalOutline: 'shaped', ...rebate })
    expect(first).toMatchObject({
      crystalDiameterMm: 23.9,
      crystalWidthMm: 19.9,
      crystalThicknessMm: 1,
      note: 'corner radius 1.5 or a little more',
    })
  })
})
