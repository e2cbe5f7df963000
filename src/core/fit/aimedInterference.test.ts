import { aimedInterference } from './aimedInterference'
import { FIT_POLICY } from './fitPolicy'
import { GASKET_MATERIALS } from './parts'

describe('aimedInterference', () => {
  it('is the middle of the band, whose ends are two standard deviations away', () => {
    const nylon = aimedInterference('nylon', FIT_POLICY)
    expect(nylon.valueMm).toBeCloseTo(0.055, 12)
    expect(nylon.standardUncertaintyMm).toBeCloseTo(0.0225, 12)
    for (const material of GASKET_MATERIALS) {
      const { valueMm, standardUncertaintyMm } = aimedInterference(material, FIT_POLICY)
      const { lowMm, highMm } = FIT_POLICY.interferenceBands[material]
      expect(valueMm - 2 * standardUncertaintyMm).toBeCloseTo(lowMm, 12)
      expect(valueMm + 2 * standardUncertaintyMm).toBeCloseTo(highMm, 12)
    }
  })
})
