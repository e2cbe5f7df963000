import { ovalOutline, planPoint } from './planViewGeometry'

describe('planPoint', () => {
  it('has 12 up and 3 to the right', () => {
    expect(planPoint(10, 0).yMm).toBeCloseTo(-10, 9)
    expect(planPoint(10, 90).xMm).toBeCloseTo(10, 9)
  })
})

describe('ovalOutline', () => {
  it('is longest along its axis, by the ovality enlarged', () => {
    const oval = { diameterMm: 31, ovalityMm: 0.04, longAxisDeg: 90 }
    const radii = ovalOutline(oval, 25).map((p) => Math.hypot(p.xMm, p.yMm))
    expect(Math.max(...radii) - Math.min(...radii)).toBeCloseTo((25 * 0.04) / 2, 6)
    const [first] = ovalOutline(oval, 25)
    expect(Math.hypot(first?.xMm ?? 0, first?.yMm ?? 0)).toBeCloseTo(15.5 - 0.25, 6)
  })
})
