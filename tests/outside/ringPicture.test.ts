import { randomLcg, randomNormal, randomUniform } from 'd3-random'
import { fitTicks, wrapped } from '@/core/ring-picture/fitTicks'
import { STRIP_STEPS, ticksOf, unrolled } from '@/core/ring-picture/tickStrip'

/** One tick’s brightness at a distance from its middle, degrees. */
const tickAt = (offDeg: number) => 1 / (1 + Math.exp((Math.abs(offDeg) - 0.6) / 0.1))

/** A strip of 60 equal ticks, turned, with noise. */
function strip(turnedDeg: number, noise: () => number): Float64Array {
  return Float64Array.from({ length: STRIP_STEPS }, (_, i) => {
    const deg = (i * 360) / STRIP_STEPS - turnedDeg
    return tickAt(deg - 6 * Math.round(deg / 6)) + noise()
  })
}

/** Hundredths of a degree from one tick to the next. */
const TRIED = 600
const COMB = Float64Array.from({ length: TRIED }, (_, i) =>
  tickAt(i < TRIED / 2 ? i / 100 : (i - TRIED) / 100),
)

/** The turn at which a drawn comb lies over a strip best: every hundredth of a degree is tried. */
function bySearch(ticks: Float64Array): number {
  const perStep = (360 / STRIP_STEPS) * 100
  const scores = COMB.map((_, turned) =>
    ticks.reduce(
      (sum, value, i) => sum + value * (COMB[(i * perStep - turned + 100 * TRIED) % TRIED] ?? 0),
      0,
    ),
  )
  return scores.indexOf(Math.max(...scores)) / 100
}

// The reader takes the phase of the pattern; laying a comb over it at every turn is the slow way to the same. Own oracle.
describe('a turn read from ticks', () => {
  it('is the one that a direct search finds', () => {
    const random = randomLcg(0.42)
    const turn = randomUniform.source(random)(-3, 3)
    const noise = randomNormal.source(random)(0, 0.05)
    for (let i = 0; i < 40; i++) {
      const ticks = ticksOf(strip(turn(), noise))
      expect(Math.abs(wrapped((fitTicks(ticks)?.turnedDeg ?? 9) - bySearch(ticks)))).toBeLessThan(0.015)
    }
  })
})

// Unrolling against a picture whose brightness is known everywhere: a plane and a turn about the middle. Closed form.
describe('a circle unrolled', () => {
  it('has at each step what the picture has there, from its 12 clockwise', () => {
    const side = 201
    const values = Float32Array.from(
      { length: side * side },
      (_, i) => (2 * (i % side) + 3 * Math.floor(i / side)) / 1000,
    )
    const image = { widthPx: side, heightPx: side, values }
    const centre = { x: 98.3, y: 101.6 }
    for (const twelveDeg of [0, 37]) {
      const track = { centre, innerPx: 59.5, outerPx: 60.5, twelveDeg }
      const got = unrolled(image, track, 360)
      for (const at of [0, 45, 90, 211]) {
        const angle = ((at + twelveDeg) * Math.PI) / 180
        const [x, y] = [centre.x + 60 * Math.sin(angle), centre.y - 60 * Math.cos(angle)]
        expect(got?.[at]).toBeCloseTo((2 * x + 3 * y) / 1000, 4)
      }
    }
    expect(unrolled(image, { centre, innerPx: 90, outerPx: 120, twelveDeg: 0 })).toBeNull()
  })
})
