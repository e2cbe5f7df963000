import { DATE_PLACES } from '../construction/kinds'
import { dateDirectionDeg, datePoint } from './datePlace'

describe('dateDirectionDeg', () => {
  it('reads whole hours and half ones, 12 up', () => {
    expect(dateDirectionDeg('12')).toBe(0)
    expect(dateDirectionDeg('3')).toBe(90)
    expect(dateDirectionDeg('4:30')).toBe(135)
    expect(dateDirectionDeg('10:30')).toBe(315)
  })

  it('gives every place its own direction, once round', () => {
    const directions = DATE_PLACES.map(dateDirectionDeg)
    expect(new Set(directions).size).toBe(DATE_PLACES.length)
    expect(directions).toEqual([...directions].sort((a, b) => a - b))
    expect(Math.max(...directions)).toBeLessThan(360)
  })
})

describe('datePoint', () => {
  it('lies on the side of its hour, y downward', () => {
    const at6 = datePoint(9, '6')
    expect(at6.xMm).toBeCloseTo(0, 9)
    expect(at6.yMm).toBeCloseTo(9, 9)
  })

  it('is at 3 where nobody said', () => {
    const { xMm, yMm } = datePoint(9, null)
    expect(xMm).toBeCloseTo(9, 9)
    expect(yMm).toBeCloseTo(0, 9)
  })
})
