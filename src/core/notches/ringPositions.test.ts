import { ringPositions } from './ringPositions'

describe('ringPositions', () => {
  it('lie on the circle, evenly spaced', () => {
    const places = ringPositions(30, 6)
    for (const { xMm, yMm } of places) expect(Math.hypot(xMm, yMm)).toBeCloseTo(15, 9)
    const next = (i: number) => places[(i + 1) % places.length] ?? { xMm: NaN, yMm: NaN }
    // Six round a circle stand its radius apart.
    for (const [i, { xMm, yMm }] of places.entries())
      expect(Math.hypot(next(i).xMm - xMm, next(i).yMm - yMm)).toBeCloseTo(15, 9)
  })
})
