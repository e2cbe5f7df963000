import { domeRadiusMm } from '@/core/section/sectionGeometry'

describe('sphere of a domed crystal, R = (a² + h²) / 2h (elementary geometry)', () => {
  it('is 171.625 for a 37 mm crystal with a rise of 1.0', () => {
    expect(domeRadiusMm(18.5, 1)).toBeCloseTo(171.625, 9)
  })
})
