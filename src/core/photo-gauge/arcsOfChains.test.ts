import type { Point } from '../circle/Circle'
import { arcOfPoints, arcsOfChain, joinedArcs } from './arcsOfChains'

const STEP_MM = 0.06

function arc(radius: number, fromDeg: number, toDeg: number, centre: Point = { xMm: 0, yMm: 0 }): Point[] {
  const step = ((STEP_MM / radius) * 180) / Math.PI
  return Array.from({ length: Math.floor((toDeg - fromDeg) / step) }, (_, i) => {
    const angle = ((fromDeg + i * step) * Math.PI) / 180
    return { xMm: centre.xMm + radius * Math.cos(angle), yMm: centre.yMm + radius * Math.sin(angle) }
  })
}

function line(from: Point, to: Point): Point[] {
  const count = Math.floor(Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm) / STEP_MM)
  return Array.from({ length: count }, (_, i) => ({
    xMm: from.xMm + ((to.xMm - from.xMm) * i) / count,
    yMm: from.yMm + ((to.yMm - from.yMm) * i) / count,
  }))
}

describe('arcsOfChain', () => {
  it('takes the rim out of a shard’s outline and leaves the straight breaks', () => {
    const rim = arc(15, 0, 80)
    const end = rim[rim.length - 1] ?? { xMm: 0, yMm: 0 }
    const outline = [
      ...line({ xMm: 0, yMm: 0 }, { xMm: 15, yMm: 0 }),
      ...rim,
      ...line(end, { xMm: 0, yMm: 0 }),
    ]
    const arcs = arcsOfChain(outline)
    expect(arcs).toHaveLength(1)
    expect(arcs[0]?.fit.radiusMm).toBeCloseTo(15, 1)
    expect(arcs[0]?.fit.arcDeg).toBeGreaterThan(75)
  })

  it('offers nothing of a straight edge or a circle no crystal has', () => {
    expect(arcsOfChain(line({ xMm: 0, yMm: 0 }, { xMm: 40, yMm: 7 }))).toEqual([])
    expect(arcsOfChain(arc(2, 0, 300))).toEqual([])
  })

  it('steps over a speck on the rim', () => {
    const rim = arc(15, 0, 120)
    const speck = rim.map((p, i) => (i > 200 && i < 206 ? { xMm: p.xMm * 1.02, yMm: p.yMm * 1.02 } : p))
    const [found] = arcsOfChain(speck)
    expect(found?.fit.arcDeg).toBeGreaterThan(110)
    expect(found?.fit.radiusMm).toBeCloseTo(15, 1)
  })
})

describe('joinedArcs', () => {
  const whole = (points: Point[]) => {
    const made = arcOfPoints(points)
    if (!made) throw new Error('no circle')
    return made
  }

  it('makes one of a rim broken by a chip, and keeps concentric circles apart', () => {
    const joined = joinedArcs([whole(arc(15, 0, 50)), whole(arc(15, 70, 130)), whole(arc(14.7, 0, 130))])
    expect(joined).toHaveLength(2)
    const [rim] = joined.filter((a) => Math.abs(a.fit.radiusMm - 15) < 0.01)
    expect(rim?.fit.arcDeg).toBeCloseTo(130, 0)
  })

  it('does not join pieces of one crystal that lie apart', () => {
    expect(joinedArcs([whole(arc(15, 0, 50)), whole(arc(15, 0, 50, { xMm: 40, yMm: 3 }))])).toHaveLength(2)
  })
})
