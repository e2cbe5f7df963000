import { domeHeightAt } from '@/core/section/domeHeightAt'
import { domeRadiusMm } from '@/core/section/domeProfile'

describe('sphere of a domed crystal, R = (a² + h²) / 2h (elementary geometry)', () => {
  it('is 171.625 for a 37 mm crystal with a rise of 1.0', () => {
    expect(domeRadiusMm(18.5, 1)).toBeCloseTo(171.625, 9)
  })
})

it('height under a dome at a radius: the sphere itself, 37 mm with 1.0 rise', () => {
  expect(domeHeightAt(18.5, 1, 0)).toBeCloseTo(1, 12)
  expect(domeHeightAt(18.5, 1, 18.5)).toBeCloseTo(0, 9)
  // (x, y) on the sphere of R = 171.625 whose edge lies on y = 0.
  const y = domeHeightAt(18.5, 1, 12)
  expect(Math.hypot(12, y + 170.625)).toBeCloseTo(171.625, 9)
  expect(() => domeHeightAt(18.5, 1, 19)).toThrow(RangeError)
})
