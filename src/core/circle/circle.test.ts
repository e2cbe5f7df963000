import fc from 'fast-check'
import { randomLcg, randomNormal } from 'd3-random'
import { arcNeeded, circleFromChord } from './chordAndSagitta'
import type { Point } from './Circle'
import { fitCircle } from './fitCircle'
import { MOST_POINTS, parsePoints } from './parsePoints'
import { robustCircle } from './robustCircle'

const length = (valueMm: number, standardUncertaintyMm = 0.03) => ({ valueMm, standardUncertaintyMm })

/** Points on an arc, scattered along the radius. */
function arc(
  count: number,
  over: {
    radiusMm?: number
    fromDeg?: number
    arcDeg?: number
    scatterMm?: number
    seed?: number
    x?: number
    y?: number
  } = {},
): Point[] {
  const { radiusMm = 15, fromDeg = 20, arcDeg = 90, scatterMm = 0, seed = 0.3, x = 3, y = -2 } = over
  const scatter = randomNormal.source(randomLcg(seed))(0, 1)
  return Array.from({ length: count }, (_, i) => {
    const angle = ((fromDeg + (arcDeg * i) / Math.max(1, count - 1)) * Math.PI) / 180
    const r = radiusMm + scatterMm * scatter()
    return { xMm: x + r * Math.cos(angle), yMm: y + r * Math.sin(angle) }
  })
}
const fitted = (points: readonly Point[], u = 0) => {
  const outcome = fitCircle(points, u)
  if (!outcome.ok) throw new Error(outcome.reason)
  return outcome.fit
}

describe('circleFromChord', () => {
  it('is exact at half a circle and says how bad a short arc is', () => {
    expect(circleFromChord(length(30), length(15)).valueMm).toBeCloseTo(30, 12)
    const short = circleFromChord(length(10), length(0.86))
    expect(short.standardUncertaintyMm).toBeGreaterThan(0.9)
  })

  it('finds the circle chord and sagitta were taken from', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 45, noNaN: true }),
        fc.double({ min: 0.15, max: 1.5, noNaN: true }),
        (d, half) => {
          const found = circleFromChord(length(d * Math.sin(half)), length((d * (1 - Math.cos(half))) / 2))
          expect(found.valueMm).toBeCloseTo(d, 8)
        },
      ),
    )
  })

  it('refuses nothing, a negative length and more than half a circle', () => {
    expect(() => circleFromChord(length(0), length(1))).toThrow(/chord: expected > 0/)
    expect(() => circleFromChord(length(18), length(-1))).toThrow(RangeError)
    expect(() => circleFromChord(length(18), length(9.1))).toThrow(/at most half the chord/)
  })
})

describe('arcNeeded', () => {
  it('is the arc whose own uncertainty is the wanted one', () => {
    const needed = arcNeeded(30, 0.05, { chordMm: 0.02, sagittaMm: 0.02 })
    if (!needed) throw new Error('half a circle is enough')
    const u = circleFromChord(
      length(needed.chordMm, 0.02),
      length(needed.sagittaMm, 0.02),
    ).standardUncertaintyMm
    expect(u).toBeCloseTo(0.05, 6)
    expect(needed.arcDeg).toBeGreaterThan(100)
  })

  it('grows as more is wanted, and gives up where half a circle is not enough', () => {
    const arcFor = (u: number) => arcNeeded(30, u, { chordMm: 0.02, sagittaMm: 0.02 })?.arcDeg ?? Infinity
    expect(arcFor(0.2)).toBeLessThan(arcFor(0.1))
    expect(arcFor(0.1)).toBeLessThan(arcFor(0.05))
    expect(arcNeeded(30, 0.01, { chordMm: 0.02, sagittaMm: 0.02 })).toBeNull()
  })
})

describe('fitCircle', () => {
  it('returns the circle points were made from, whatever the arc', () => {
    for (const arcDeg of [12, 45, 120, 300]) {
      const fit = fitted(arc(40, { arcDeg }))
      expect(2 * fit.radiusMm).toBeCloseTo(30, 6)
      expect(fit.centre.xMm).toBeCloseTo(3, 6)
      expect(fit.arcDeg).toBeCloseTo(arcDeg, 6)
    }
  })

  it('turns, moves and grows with its points', () => {
    const points = arc(25, { scatterMm: 0.02 })
    const { radiusMm } = fitted(points)
    fc.assert(
      fc.property(
        fc.double({ min: -Math.PI, max: Math.PI, noNaN: true }),
        fc.double({ min: -200, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (turn, shift, scale) => {
          const moved = points.map(({ xMm, yMm }) => ({
            xMm: scale * (xMm * Math.cos(turn) - yMm * Math.sin(turn)) + shift,
            yMm: scale * (xMm * Math.sin(turn) + yMm * Math.cos(turn)) - shift,
          }))
          expect(fitted(moved).radiusMm / (scale * radiusMm)).toBeCloseTo(1, 8)
        },
      ),
    )
  })

  it('states an uncertainty that holds: 2u covers the truth about 95 times of 100', () => {
    const within = Array.from({ length: 400 }, (_, i) => {
      const fit = fitted(arc(30, { arcDeg: 80, scatterMm: 0.02, seed: (i + 1) / 401 }))
      return Math.abs(2 * fit.radiusMm - 30) <= 2 * fit.diameterUncertaintyMm
    }).filter(Boolean).length
    expect(within / 400).toBeGreaterThan(0.91)
    expect(within / 400).toBeLessThan(0.985)
  })

  it('is worse for a shorter arc, and no better than its points', () => {
    const u = (arcDeg: number) => fitted(arc(30, { arcDeg, scatterMm: 0.02 })).diameterUncertaintyMm
    expect(u(30)).toBeGreaterThan(5 * u(120))
    expect(fitted(arc(3, { arcDeg: 120 }), 0.03).diameterUncertaintyMm).toBeGreaterThan(0.03)
  })

  it('has no scatter where three points are taken as they are', () => {
    expect(fitted(arc(3, { arcDeg: 120 }), 0).diameterUncertaintyMm).toBe(0)
  })

  it('says what cannot be fitted', () => {
    expect(fitCircle(arc(2))).toEqual({ ok: false, reason: 'too-few-points' })
    const line = Array.from({ length: 20 }, (_, i) => ({ xMm: i, yMm: 2 * i + 1 }))
    expect(fitCircle(line)).toEqual({ ok: false, reason: 'collinear' })
    const onePoint = Array.from({ length: 5 }, () => ({ xMm: 1, yMm: 1 }))
    expect(fitCircle(onePoint)).toEqual({ ok: false, reason: 'collinear' })
  })
})

describe('robustCircle', () => {
  const options = () => ({ toleranceMm: 0.08, pointUncertaintyMm: 0.02, random: randomLcg(0.7) })

  it('leaves out points that are not on the circle, and says which', () => {
    const strays = [...Array.from({ length: 12 }, (_, i) => ({ xMm: i, yMm: 8 + 0.3 * i }))]
    const outcome = robustCircle([...arc(40, { scatterMm: 0.01 }), ...strays], options())
    if (!outcome.ok) throw new Error(outcome.reason)
    expect(2 * outcome.fit.radiusMm).toBeCloseTo(30, 1)
    expect(outcome.inliers.slice(0, 40).every(Boolean)).toBe(true)
    expect(outcome.inliers.slice(40).filter(Boolean).length).toBeLessThanOrEqual(1)
  })

  it('gives the same answer for the same row of chance', () => {
    const points = arc(60, { scatterMm: 0.03 })
    expect(robustCircle(points, options())).toEqual(robustCircle(points, options()))
  })

  it('finds no circle in a cloud, nor on a line', () => {
    const random = randomLcg(0.2)
    const cloud = Array.from({ length: 200 }, () => ({ xMm: 30 * random(), yMm: 30 * random() }))
    expect(robustCircle(cloud, options())).toEqual({ ok: false, reason: 'no-circle' })
    const line = Array.from({ length: 30 }, (_, i) => ({ xMm: i, yMm: i }))
    expect(robustCircle(line, options())).toMatchObject({ ok: false })
  })
})

describe('parsePoints', () => {
  const message = (text: string) => {
    const outcome = parsePoints(text)
    return outcome.ok ? 'accepted' : outcome.message
  }

  it('reads points with point or comma, however they are split', () => {
    const outcome = parsePoints('12.30 4.05\n12,31 4,06\n\n12.32; 4.07\n12.33, 4.08\n12.34,4.09\n-1\t+2')
    expect(outcome).toEqual({
      ok: true,
      points: [
        { xMm: 12.3, yMm: 4.05 },
        { xMm: 12.31, yMm: 4.06 },
        { xMm: 12.32, yMm: 4.07 },
        { xMm: 12.33, yMm: 4.08 },
        { xMm: 12.34, yMm: 4.09 },
        { xMm: -1, yMm: 2 },
      ],
    })
  })

  it('names line and value of what is wrong, and the limit of what is too much', () => {
    expect(message('1 2\n3 4\nfive 6')).toMatch(/line 3: “five 6” is not two figures/)
    expect(message('1 2\n3 4')).toMatch(/2 of at least 3/)
    expect(message('1 2\n3 4\n5000 6')).toMatch(/line 3.*beyond ±500 mm/)
    expect(message('1 2\n'.repeat(20_000))).toMatch(`20000 are more than ${MOST_POINTS}`)
  })
})
