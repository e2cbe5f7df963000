import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import { paintedPicture } from '../../../tests/factories/sheetPicture'
import { edgeChains } from './edgeChains'

const USUAL = { startGradient: 0.03, keepGradient: 0.012, leastPoints: 24 }

describe('edgeChains', () => {
  it('runs once round a disc, every point on its edge to a tenth of a pixel', () => {
    const disc = paintedPicture(120, 110, (x, y) => (Math.hypot(x - 58.3, y - 54.6) < 34.4 ? 0.1 : 0.9), 6)
    const chains = edgeChains(disc, USUAL)
    expect(chains).toHaveLength(1)
    const [round = []] = chains
    // A step from a pixel to a neighbour is 1 to √2 long.
    expect(round.length).toBeGreaterThan((2 * Math.PI * 34.4) / Math.SQRT2)
    expect(round.length).toBeLessThan(2 * Math.PI * 34.4 + 1)
    for (const { x, y } of round) expect(Math.abs(Math.hypot(x - 58.3, y - 54.6) - 34.4)).toBeLessThan(0.12)
    const middle = round.reduce((sum, p) => sum + Math.hypot(p.x - 58.3, p.y - 54.6), 0) / round.length
    // Blurred by σ, a circle's steepest place lies σ²/2r further in.
    expect(Math.abs(middle - (34.4 - 1.2 ** 2 / (2 * 34.4)))).toBeLessThan(0.01)
  })

  it('places a straight edge between pixels, upright and level', () => {
    for (const at of [24.2, 24.5, 24.9]) {
      const [upright = []] = edgeChains(
        paintedPicture(50, 60, (x) => (x < at ? 0.2 : 0.8), 10),
        USUAL,
      )
      expect(upright.length).toBeGreaterThan(40)
      for (const { x } of upright) expect(x).toBeCloseTo(at, 1)
      const [level = []] = edgeChains(
        paintedPicture(60, 50, (_, y) => (y < at ? 0.8 : 0.2), 10),
        USUAL,
      )
      for (const { y } of level) expect(y).toBeCloseTo(at, 1)
    }
  })

  it('goes along in order: each point is a neighbour of the one before', () => {
    const [chain = []] = edgeChains(
      paintedPicture(90, 90, (x, y) => (x + 0.4 * y < 60 ? 0.2 : 0.8), 6),
      USUAL,
    )
    for (const [i, p] of chain.entries()) {
      const before = chain[i - 1]
      if (before) expect(Math.hypot(p.x - before.x, p.y - before.y)).toBeLessThan(2.2)
    }
  })

  it('starts where the step is strong, goes on where it grows weak, and ends where it is too weak', () => {
    // An edge whose step fades from .8 to nothing down the picture; blurred by 1.2 px its slope is step × .33.
    const step = (y: number) => 0.8 * (1 - y / 200)
    const picture = paintedPicture(40, 200, (x, y) => 0.9 - step(y) * (1 - normalCdf(x, 20, 0.3)))
    const slope = (y: number) => step(y) / Math.sqrt(2 * Math.PI * (1.2 ** 2 + 0.3 ** 2 + 1 / 12))
    const [chain = []] = edgeChains(picture, { startGradient: 0.1, keepGradient: 0.05, leastPoints: 5 })
    const end = Math.max(...chain.map((p) => p.y))
    // A central difference sees a little less than the slope itself.
    expect(slope(end)).toBeGreaterThan(0.045)
    expect(slope(end)).toBeLessThan(0.065)
    expect(edgeChains(picture, { startGradient: 0.4, keepGradient: 0.05, leastPoints: 5 })).toEqual([])
  })

  it('drops what is shorter than asked', () => {
    const mark = paintedPicture(60, 60, (x, y) => (Math.hypot(x - 30, y - 30) < 5 ? 0.1 : 0.9), 6)
    const [small = []] = edgeChains(mark, { ...USUAL, leastPoints: 10 })
    expect(small.length).toBeGreaterThan(20)
    const exactly = (leastPoints: number) => edgeChains(mark, { ...USUAL, leastPoints }).length
    expect(exactly(small.length)).toBe(1)
    expect(exactly(small.length + 1)).toBe(0)
  })

  it('sees no edge in the picture’s own border', () => {
    expect(
      edgeChains(
        paintedPicture(60, 60, () => 0.8),
        { ...USUAL, leastPoints: 1 },
      ),
    ).toEqual([])
  })
})
