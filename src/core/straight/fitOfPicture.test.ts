import { fitOffsets } from './fitOffsets'
import { fitOfPicture, offsetsOfPicture } from './fitOfPicture'

const TOLD = {
  turnedDeg: 0.42,
  towards3Mm: -0.08,
  towards12Mm: 0.05,
  turnUncertaintyDeg: 0.01,
  centreUncertaintyMm: 0.06,
}

describe('a look by picture', () => {
  it('says what the picture told, as sure as the picture was', () => {
    const fit = fitOfPicture(TOLD)
    expect(fit.displacement).toEqual({ turnedDeg: 0.42, towards3Mm: -0.08, towards12Mm: 0.05 })
    expect(fit.turnedDeg).toEqual({ value: 0.42, standardUncertainty: 0.01 })
    expect(fit.offCentreUncertaintyMm).toBe(0.06)
    expect(fit.doubt).toBeNull()
  })

  it('is told by the offsets somebody would read at the quarters', () => {
    const offsets = offsetsOfPicture(TOLD, 15).map(({ hour, offsetMm }) => ({
      directionDeg: (hour % 12) * 30,
      offsetMm,
    }))
    const { displacement } = fitOffsets(offsets, 15, 0.03)
    expect(displacement.turnedDeg).toBeCloseTo(0.42, 2)
    expect(displacement.towards3Mm).toBeCloseTo(-0.08, 3)
    expect(displacement.towards12Mm).toBeCloseTo(0.05, 3)
  })
})
