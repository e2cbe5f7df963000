import { sizePosterior, sizePrior } from './sizeModel'
import { VERDICT_POLICY } from './verdictPolicy'

const SIZES = [29.8, 29.9, 30, 30.1, 30.2]

describe('sizePosterior', () => {
  const posterior = (crystal: { valueMm: number; standardUncertaintyMm: number } | null) =>
    sizePosterior(
      sizePrior(SIZES, [], VERDICT_POLICY),
      { crystal, opening: null, covarianceMm2: 0 },
      VERDICT_POLICY,
    )

  it('knows a crystal’s own diameter as well as it was measured, whatever its maker’s tolerance', () => {
    const { crystal } = posterior({ valueMm: 30.012, standardUncertaintyMm: 0.002 })
    expect(crystal.meanMm).toBeCloseTo(30.012, 2)
    // Of normal errors the smaller decides: 1/√(1/0.002² + 1/0.02²) = 0.00199.
    expect(crystal.standardDeviationMm).toBeGreaterThan(0.0015)
    expect(crystal.standardDeviationMm).toBeLessThan(0.0025)
  })

  it('holds every size alike where nothing was read and nothing ever served', () => {
    const { drawn } = posterior(null)
    for (const chance of drawn) expect(chance).toBeCloseTo(1 / SIZES.length, 9)
  })
})
