import { cementDots } from './cementDots'

describe('dots of cement under a chapter ring', () => {
  it.each([
    [3, [15, 135, 255]],
    [4, [15, 105, 195, 285]],
    [6, [15, 75, 135, 195, 255, 315]],
  ])('%d of them lie halfway between the hours', (count, places) => {
    expect(cementDots(count)).toEqual(places)
  })

  it('keep even angles, and as far off the hours as five can', () => {
    const dots = cementDots(5)
    dots.slice(1).forEach((at, i) => expect(at - (dots[i] ?? 0)).toBeCloseTo(72))
    // Five steps of 72° fall on five places of the 30° between hours, 6° apart: 3° is the most all of them can keep.
    expect(Math.min(...dots.map((at) => Math.min(at % 30, 30 - (at % 30))))).toBeCloseTo(3)
  })

  it('are three at least and six at most', () => {
    expect(() => cementDots(2)).toThrow(RangeError)
    expect(() => cementDots(7)).toThrow(RangeError)
  })
})
