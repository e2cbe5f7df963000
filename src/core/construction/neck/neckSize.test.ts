import { randomLcg, randomNormal } from 'd3-random'
import { caseSheet } from '../../../../tests/factories/caseSheet'
import { FIT_POLICY } from '../../fit/fitPolicy'
import { figureOf } from '../../tray/caseFigures'
import { neckSize } from './neckSize'

/** Mean and scatter of a size over many pieces that differ as its figures say they may. */
function simulated(size: (draw: (mean: number, u: number) => number) => number) {
  const normal = randomNormal.source(randomLcg(0.7))
  const draw = (mean: number, u: number) => normal(mean, u)()
  const sizes = Array.from({ length: 4000 }, () => size(draw))
  const mean = sizes.reduce((sum, s) => sum + s, 0) / sizes.length
  return { mean, u: Math.sqrt(sizes.reduce((sum, s) => sum + (s - mean) ** 2, 0) / (sizes.length - 1)) }
}

function figures(sheet: Parameters<typeof caseSheet>[0], ...names: Parameters<typeof figureOf>[0][]) {
  return names.map((name) => {
    const figure = figureOf(name, {}, caseSheet(sheet))
    if (!figure) throw new Error(name)
    return figure
  })
}

// A quarter of a band is its standard deviation: nearly all of it lies within two.
const middle = ({ low, high }: { low: number; high: number }) => [(low + high) / 2, (high - low) / 4] as const

describe('neckSize', () => {
  it('of glass is the bezel’s inside less both walls as they are squeezed', () => {
    const sheet = { gasketWallMm: 0.5, gasketMaterial: 'nylon', crystalMaterial: 'mineral' } as const
    const found = neckSize({}, caseSheet(sheet), FIT_POLICY)
    const [q, uq] = middle(FIT_POLICY.neckSqueezeBands.nylon)
    const [wall] = figures(sheet, 'gasket-wall')
    if (!found || !wall) throw new Error('no size')
    const { mean, u } = simulated(
      (draw) => -2 * draw(wall.valueMm, wall.standardUncertaintyMm) * (1 - draw(q, uq)),
    )
    expect(found.dimension).toBe('bezel-inner')
    expect(Math.abs(found.above.valueMm - mean)).toBeLessThan(0.003)
    expect(found.above.standardUncertaintyMm / u).toBeGreaterThan(0.95)
    expect(found.above.standardUncertaintyMm / u).toBeLessThan(1.05)
  })

  it('of an acrylic cup is what leaves the skirt squeezed between neck and bezel', () => {
    const sheet = { crystalMaterial: 'acrylic', neckOuterMm: 28.6, bezelInnerMm: 29.7 } as const
    const found = neckSize({}, caseSheet(sheet), FIT_POLICY)
    const [q, uq] = middle(FIT_POLICY.skirtSqueeze)
    const [neck, bezel] = figures(sheet, 'neck-outer', 'bezel-inner')
    if (!found || !neck || !bezel) throw new Error('no size')
    const above = (draw: (mean: number, u: number) => number) => {
      const room =
        draw(bezel.valueMm, bezel.standardUncertaintyMm) - draw(neck.valueMm, neck.standardUncertaintyMm)
      // The skirt's two walls, free, less the room they are pressed into.
      return room / (1 - draw(q, uq)) - room
    }
    const { mean, u } = simulated(above)
    expect(Math.abs(found.above.valueMm - mean)).toBeLessThan(0.002)
    expect(found.above.standardUncertaintyMm / u).toBeGreaterThan(0.95)
    expect(found.above.standardUncertaintyMm / u).toBeLessThan(1.05)
  })

  it('feels how wide the band of the squeeze is', () => {
    const sheet = caseSheet({ crystalMaterial: 'acrylic', neckOuterMm: 26, bezelInnerMm: 32 })
    const at = (low: number, high: number) =>
      neckSize({}, sheet, { ...FIT_POLICY, skirtSqueeze: { low, high } })?.above.standardUncertaintyMm ?? NaN
    // 6 mm of room: d(room·q/(1 − q))/dq = room/(1 − q)², a quarter of the band.
    const [narrow, wide] = [at(0.2, 0.2), at(0.1, 0.3)]
    expect(Math.sqrt(wide ** 2 - narrow ** 2)).toBeCloseTo((6 * 0.05) / 0.8 ** 2, 6)
  })

  it('is unknown where wall, neck or bezel is', () => {
    expect(neckSize({}, caseSheet({ gasketWallMm: null, crystalMaterial: 'mineral' }), FIT_POLICY)).toBeNull()
    expect(neckSize({}, caseSheet({ crystalMaterial: 'acrylic', neckOuterMm: 28.6 }), FIT_POLICY)).toBeNull()
  })
})
