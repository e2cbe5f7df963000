import { randomLcg, randomNormal } from 'd3-random'
import { caseSheet } from '../../../../tests/factories/caseSheet'
import type { Figure } from '../../fit/CrystalSeat'
import { FIT_POLICY } from '../../fit/fitPolicy'
import type { Fractions, Window } from '../../fit/Window'
import { figureOf } from '../../tray/caseFigures'
import { neckSeat } from './neckSeat'
import { neckThroughCrystal } from './neckThroughCrystal'

const UNREAD = { neckOuterMm: null, bezelInnerMm: null } as const
const CUP = { ...UNREAD, crystalMaterial: 'acrylic', skirtInnerMm: 28.58, skirtOuterMm: 29.74 } as const
const GLASS = {
  ...UNREAD,
  crystalMaterial: 'mineral',
  crystalDiameterMm: 28,
  gasketWallMm: 0.5,
  gasketMaterial: 'nylon',
} as const

// A quarter of a band is its standard deviation: nearly all of it lies within two.
const ofBand = ({ low, high }: Fractions) => [(low + high) / 2, (high - low) / 4] as const
const ofWindow = ({ lowMm, highMm }: Window) => ofBand({ low: lowMm, high: highMm })

/** Mean and scatter over many pieces, by the formula the other way round from how the core puts it together. */
function simulated(size: (draw: (mean: number, u: number) => number) => number) {
  const draw = (mean: number, u: number) => normal(mean, u)()
  const normal = randomNormal.source(randomLcg(0.3))
  const sizes = Array.from({ length: 6000 }, () => size(draw))
  const mean = sizes.reduce((sum, s) => sum + s, 0) / sizes.length
  return { mean, u: Math.sqrt(sizes.reduce((sum, s) => sum + (s - mean) ** 2, 0) / (sizes.length - 1)) }
}

function agrees(found: Figure, { mean, u }: { mean: number; u: number }) {
  expect(Math.abs(found.valueMm - mean)).toBeLessThan(0.005)
  expect(found.standardUncertaintyMm / u).toBeGreaterThan(0.95)
  expect(found.standardUncertaintyMm / u).toBeLessThan(1.05)
  expect(found.origin).toBe('derived')
}

describe('a neck nobody has read', () => {
  it('is told by the cup that was squeezed over it: neck by its skirt’s inside, bezel by the skirt it squeezed', () => {
    const sheet = caseSheet(CUP)
    const joint = neckThroughCrystal({}, sheet, FIT_POLICY)
    const seat = neckSeat({}, sheet, FIT_POLICY)
    if (!joint || !seat.ok) throw new Error('no joint')
    const uOf = (id: 'skirt-inner' | 'skirt-outer') => figureOf(id, {}, sheet)?.standardUncertaintyMm ?? NaN
    const drawn = (draw: (mean: number, u: number) => number) => {
      const inner = draw(CUP.skirtInnerMm, uOf('skirt-inner'))
      const outer = draw(CUP.skirtOuterMm, uOf('skirt-outer'))
      const neck = inner - draw(...ofWindow(FIT_POLICY.overNeckWindow))
      return { neck, bezel: neck + (outer - inner) * (1 - draw(...ofBand(FIT_POLICY.skirtSqueeze))) }
    }
    agrees(
      joint.neckOuter,
      simulated((draw) => drawn(draw).neck),
    )
    agrees(
      joint.bezelInner,
      simulated((draw) => drawn(draw).bezel),
    )
    expect(seat.seat).toMatchObject(joint)
  })

  it('of glass is told by crystal and ring: the bezel by both walls as they are squeezed, the neck as bezels leave it', () => {
    const sheet = caseSheet(GLASS)
    const joint = neckThroughCrystal({}, sheet, FIT_POLICY)
    if (!joint) throw new Error('no joint')
    const [q, uq] = ofBand(FIT_POLICY.neckSqueezeBands.nylon)
    expect(joint.bezelInner.valueMm).toBeCloseTo(28 + 2 * 0.5 * (1 - q), 9)
    expect(joint.bezelInner.standardUncertaintyMm).toBeGreaterThan(2 * 0.5 * uq)
    expect(joint.neckOuter).toMatchObject({ origin: 'assumed' })
    expect(joint.neckOuter.valueMm).toBeCloseTo(joint.bezelInner.valueMm - 1.2, 9)
  })

  it('is missing where what was squeezed was not read either, and what was read of it goes first', () => {
    expect(neckThroughCrystal({}, caseSheet({ ...CUP, skirtOuterMm: null }), FIT_POLICY)).toBeNull()
    expect(neckThroughCrystal({}, caseSheet({ ...GLASS, gasketWallMm: null }), FIT_POLICY)).toBeNull()
    expect(neckSeat({}, caseSheet({ ...CUP, skirtOuterMm: null }), FIT_POLICY)).toEqual({
      ok: false,
      missing: 'neck-outer',
    })
    const read = neckSeat({}, caseSheet({ ...CUP, neckOuterMm: 28.6 }), FIT_POLICY)
    expect(read.ok && read.seat.neckOuter).toMatchObject({ valueMm: 28.6, origin: 'sheet' })
    expect(read.ok && read.seat.bezelInner).toMatchObject({ origin: 'assumed' })
  })
})
