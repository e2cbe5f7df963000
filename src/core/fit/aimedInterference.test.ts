import { aimedInterference } from './aimedInterference'
import { FIT_POLICY } from './fitPolicy'
import { GASKET_MATERIALS } from './parts'

describe('aimedInterference', () => {
  it('is the middle of the band, and strays evenly over its middle two thirds', () => {
    const nylon = aimedInterference('nylon', FIT_POLICY)
    expect(nylon.valueMm).toBeCloseTo(0.055, 12)
    // An even distribution from 0.025 to 0.085: 0.06/√12.
    expect(nylon.standardUncertaintyMm).toBeCloseTo(0.06 / Math.sqrt(12), 12)
    for (const material of GASKET_MATERIALS) {
      const { valueMm, standardUncertaintyMm } = aimedInterference(material, FIT_POLICY)
      const { lowMm, highMm } = FIT_POLICY.interferenceBands[material]
      expect(valueMm - 1.5 * Math.sqrt(3) * standardUncertaintyMm).toBeCloseTo(lowMm, 12)
      expect(valueMm + 1.5 * Math.sqrt(3) * standardUncertaintyMm).toBeCloseTo(highMm, 12)
    }
  })
})
