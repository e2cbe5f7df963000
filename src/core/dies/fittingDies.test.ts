import { DIE_POLICY } from './diePolicy'
import { die, stockCrystal } from '../../../tests/factories/parts'
import { RETENTIONS } from '../construction/kinds'
import { pressNeeds } from '../press/pressOutcomes'
import { fittingDies } from './fittingDies'

const SET = [
  die({ id: 1, code: 'full 29', outerDiameterMm: 29 }),
  die({ id: 2, code: 'hollow 31', outerDiameterMm: 35, openingMm: 31, recessDepthMm: 6 }),
  die({ id: 3, code: 'hollow 26', outerDiameterMm: 29, openingMm: 26, recessDepthMm: 3 }),
  die({
    id: 4,
    code: 'support 31.5',
    role: 'support',
    outerDiameterMm: 36,
    openingMm: 31.5,
    recessDepthMm: 6,
  }),
  die({
    id: 5,
    code: 'support 31.6',
    role: 'support',
    outerDiameterMm: 34,
    openingMm: 31.6,
    recessDepthMm: 6,
  }),
]
const CASE = { caseDiameterMm: 38, bezelOuterMm: 34 }
const codes = (
  retention: (typeof RETENTIONS)[number],
  crystal = stockCrystal(),
  sheet: { caseDiameterMm: number | null; bezelOuterMm: number | null } = CASE,
) => {
  const { pusher, support } = fittingDies(SET, crystal, { retention, ...sheet }, 30.95, DIE_POLICY)
  return [pusher, support].map((outcome) => (outcome?.ok ? outcome.best.die.code : null))
}

describe('fittingDies', () => {
  it.each(RETENTIONS)('%s: dies are looked for exactly where a press is used', (retention) => {
    const found = fittingDies(SET, stockCrystal(), { retention, ...CASE }, 30.95, DIE_POLICY)
    expect([found.pusher !== null, found.support !== null]).toEqual([
      pressNeeds(retention).pusher,
      pressNeeds(retention).support,
    ])
  })

  it('presses a flat crystal with a full face under its edge, over the widest support', () => {
    expect(codes('tension-gasket')).toEqual(['full 29', 'support 31.5'])
  })

  it('presses a dome by its rim', () => {
    const dome = stockCrystal({ profile: 'single-dome', centreThicknessMm: 2, edgeThicknessMm: 1 })
    expect(codes('tension-gasket', dome)[0]).toBe('hollow 26')
    // The underside’s rise lifts the top as well.
    const bent = stockCrystal({ profile: 'double-dome', undersideRiseMm: 1 })
    expect(codes('tension-ring-acrylic', bent)[0]).toBe('hollow 26')
  })

  it('presses nothing over a neck: it is the bezel that is pressed, later', () => {
    expect(codes('neck-and-bezel')).toEqual([null, null])
  })

  it('lays a removable bezel, not the case, on the support: it has no crown to stay clear of', () => {
    expect(codes('press-in-bezel')).toEqual(['full 29', 'support 31.6'])
  })

  it('goes by the usual wall where case and bezel were never measured', () => {
    expect(codes('tension-gasket', stockCrystal(), { caseDiameterMm: null, bezelOuterMm: null })).toEqual([
      'full 29',
      'support 31.5',
    ])
  })
})
