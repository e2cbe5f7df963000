import { bayonetSeatOf } from '../../../tests/factories/crystalSeats'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { failureText } from '../fit/failureText'
import { FIT_POLICY } from '../fit/fitPolicy'
import { fitReasons } from '../fit/fitReasons'
import { shortlist } from '../fit/shortlist'
import { stockIndex } from '../fit/stockIndex'
import { assessBayonet } from './bayonet/assessBayonet'
import { bayonetRing } from './bayonetRing'

const glass = (over = {}) =>
  stockCrystal({ diameterMm: 30.5, edgeThicknessMm: 1.2, centreThicknessMm: 1.2, ...over })
const flat = (over = {}) =>
  stockGasket({
    section: 'flat',
    material: 'nitrile',
    outerDiameterMm: 30.5,
    wallMm: 0.8,
    heightMm: 0.75,
    ...over,
  })
const judged = (crystal = glass(), gasket = flat(), seat = bayonetSeatOf()) =>
  assessBayonet(crystal, gasket, seat, FIT_POLICY)
const oddsOf = (candidate: ReturnType<typeof judged>, name: string) =>
  candidate.constraints.find((c) => c.name === name)?.probability
const said = (name: string, candidate: ReturnType<typeof judged>, seat = bayonetSeatOf()) =>
  failureText(name, candidate, seat, FIT_POLICY)

describe('a glass under a turned ring', () => {
  it('has its gasket squeezed by what depth, stroke and edge leave of its height', () => {
    // Room 2.40 − 0.60 − 1.20 = 0.60 for a gasket of 0.75: a fifth, worked by hand.
    const good = judged()
    expect(good.squeeze).toBeCloseTo(0.2, 12)
    expect(good.standing).toMatchObject({ undersideMm: expect.closeTo(0.6, 12) as number, rimMm: null })
    expect(good.standing.handClearanceMm).toBeCloseTo(0.35 + 0.6, 12)
    expect(good.hold.state).toBe('good')
    // √(0.02² + 0.02² + 0.02²)/0.75 and 0.60·0.01/0.75², worked by hand.
    expect(good.squeezeUncertainty).toBeCloseTo(Math.hypot(0.0461880215, 0.0106666667), 9)
  })

  it('is judged by what the shop has set for squeeze and play, and says so', () => {
    const policy = {
      ...FIT_POLICY,
      flatSqueeze: { low: 0.05, high: 0.1 },
      glassPlay: { lowMm: 0.2, highMm: 0.4 },
    }
    const strict = assessBayonet(glass(), flat(), bayonetSeatOf(), policy)
    expect(strict.hold.state).toBe('crushed')
    expect(oddsOf(strict, 'axial-squeeze')).toBeLessThan(0.05)
    expect(failureText('axial-squeeze', strict, bayonetSeatOf(), policy)).toMatch(/wants 5–10\u00A0%/)
    expect(failureText('glass-play', strict, bayonetSeatOf(), policy)).toMatch(/needs 0.20/)
    expect(bayonetRing.squeezeBand(flat(), policy)).toEqual(policy.flatSqueeze)
  })

  it('is refused where the ring stops too early or too late, saying by how much', () => {
    expect(said('axial-squeeze', judged(glass(), flat({ heightMm: 0.55 })))).toMatch(
      /stops before it touches: 9\u00A0% of the gasket short/,
    )
    expect(said('axial-squeeze', judged(glass(), flat({ heightMm: 0.65 })))).toMatch(/hardly squeezed: 8/)
    expect(said('axial-squeeze', judged(glass({ edgeThicknessMm: 1.5 })))).toMatch(/crushed before/)
    expect(judged(glass({ edgeThicknessMm: 1.5 })).probability).toBeLessThan(0.01)
    expect(said('axial-squeeze', judged())).toMatch(/too uncertain \(±9/)
  })

  it('wants a glass that drops in without wandering, and a gasket that lies flat under it', () => {
    expect(oddsOf(judged(glass({ diameterMm: 30.7 })), 'glass-play')).toBeLessThan(0.01)
    expect(said('glass-play', judged(glass({ diameterMm: 30.7 })))).toMatch(/is 0.08 larger than the rebate/)
    expect(said('glass-play', judged(glass({ diameterMm: 30.2 })))).toMatch(/wanders by 0.42; at most 0.30/)
    expect(said('glass-play', judged(glass({ diameterMm: 30.57 })))).toMatch(/0.05 to spare is too near/)
    expect(oddsOf(judged(glass(), flat({ outerDiameterMm: 30.8 })), 'gasket-play')).toBe(0)
    expect(said('gasket-play', judged(glass(), flat({ outerDiameterMm: 30.8 })))).toMatch(/30.80 across/)
  })

  it('is found among flat gaskets only, and no flat gasket goes round a crystal', () => {
    const rings = [flat({ id: 1 }), flat({ id: 2, section: 'I' }), flat({ id: 3, use: 'back' })]
    const discs = [30.3, 30.4, 30.5, 30.6].map((diameterMm, i) => glass({ id: i + 1, diameterMm }))
    const list = shortlist(stockIndex(discs, rings), bayonetSeatOf(), NO_WISHES, { policy: FIT_POLICY })
    expect(list.fitting.map(({ gasket }) => gasket?.id)).not.toContain(2)
    expect(list.fitting[0]).toMatchObject({ gasket: { id: 1 } })
    expect(list.fittingCount + list.rejectedCount).toBe(4)
    const [best] = list.fitting
    expect(best && fitReasons(best, bayonetSeatOf(), NO_WISHES, FIT_POLICY).join(' ')).toMatch(
      /squeezes the nitrile gasket 20\u00A0% of 15–30\u00A0%/,
    )
    expect(bayonetRing.assess(glass(), flat({ section: 'I' }), bayonetSeatOf(), FIT_POLICY)).toBeNull()
  })

  it('tells how the old gasket was held from what came in, or nothing', () => {
    const known: Readonly<Record<string, number>> = {
      'rebate-depth': 2.4,
      'ring-stroke': 0.6,
      'crystal-edge': 1.2,
      'gasket-height': 0.62,
    }
    const found = (figures: Readonly<Record<string, number>>) => ({
      crystalMm: 30.5,
      wallMm: 0.8,
      openingMm: 30.62,
      mm: (id: string) => figures[id] ?? null,
    })
    expect(bayonetRing.foundHold(found(known), {} as never, FIT_POLICY)).toBe('slack')
    expect(bayonetRing.foundHold(found({}), {} as never, FIT_POLICY)).toBeNull()
  })

  it('goes in by hand and asks for the ring’s stroke', () => {
    expect(bayonetRing.pressed).toBe(false)
    expect(bayonetRing.reads({ crystalOutline: null, crystalMaterial: null }).seat).toContain('ring-stroke')
  })
})
