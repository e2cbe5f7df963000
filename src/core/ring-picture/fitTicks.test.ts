import { randomLcg, randomNormal } from 'd3-random'
import { fitTicks, wrapped } from './fitTicks'
import { STRIP_STEPS, ticksOf } from './tickStrip'

interface Drawn {
  readonly turnedDeg?: number
  readonly towards3?: number
  readonly towards12?: number
  readonly twiceRoundDeg?: number
  readonly ink?: number
  readonly hiddenDeg?: number
  readonly noise?: number
}

/** Ticks 1° wide and every fifth 2.4°, drawn where geometry has them. */
function drawn({
  turnedDeg = 0,
  towards3 = 0,
  towards12 = 0,
  twiceRoundDeg = 0,
  ink = 0.7,
  hiddenDeg = 0,
  noise = 0.01,
}: Drawn): Float64Array {
  const random = randomNormal.source(randomLcg(0.3))(0, noise)
  return Float64Array.from({ length: STRIP_STEPS }, (_, i) => {
    const deg = (i * 360) / STRIP_STEPS
    if (deg < hiddenDeg) return 0.9 + random()
    const angle = (deg * Math.PI) / 180
    const shiftDeg = ((towards3 * Math.cos(angle) - towards12 * Math.sin(angle)) * 180) / Math.PI
    const own = deg - turnedDeg - shiftDeg - twiceRoundDeg * Math.sin(2 * angle)
    const tick = Math.round(own / 6)
    const half = tick % 5 === 0 ? 1.2 : 0.5
    // An edge as a lens draws it, a tenth of a degree wide.
    const share = 1 / (1 + Math.exp((Math.abs(own - tick * 6) - half) / 0.05))
    return 0.3 + (ink - 0.3) * share + 0.1 * Math.sin(angle) + random()
  })
}
const fitOf = (scene: Drawn) => {
  const fit = fitTicks(ticksOf(drawn(scene)))
  if (!fit) throw new Error('no ticks')
  return fit
}

describe('ticks of a track', () => {
  it.each([0, 0.31, -1.9, 2.85])('say how far all of them are turned: %s°', (turnedDeg) => {
    const fit = fitOf({ turnedDeg })
    expect(Math.abs(fit.turnedDeg - turnedDeg)).toBeLessThan(0.01)
    expect(fit.uncertaintyDeg).toBeLessThan(0.01)
    expect(fit.seen).toBeGreaterThan(0.95)
  })

  it('say where their own middle lies, turned or not, and are not misled by a tilt', () => {
    const fit = fitOf({ turnedDeg: 1.2, towards3: 0.03, towards12: -0.018, twiceRoundDeg: 0.07 })
    expect(fit.towards3).toBeCloseTo(0.03, 3)
    expect(fit.towards12).toBeCloseTo(-0.018, 3)
    expect(Math.abs(fit.turnedDeg - 1.2)).toBeLessThan(0.02)
  })

  it('are the same dark on pale as pale on dark, and seen round what hides them', () => {
    const dark = fitOf({ turnedDeg: 0.7, ink: 0.05 })
    expect(Math.abs(dark.turnedDeg - 0.7)).toBeLessThan(0.01)
    const hidden = fitOf({ turnedDeg: 0.7, hiddenDeg: 100 })
    expect(Math.abs(hidden.turnedDeg - 0.7)).toBeLessThan(0.02)
    expect(hidden.seen).toBeLessThan(0.8)
  })

  it('are not seen where there are none', () => {
    expect(fitTicks(new Float64Array(STRIP_STEPS))).toBeNull()
    const noise = randomNormal.source(randomLcg(0.7))(0.5, 0.05)
    expect(fitTicks(ticksOf(Float64Array.from({ length: STRIP_STEPS }, noise)))).toBeNull()
    const waves = (count: number) =>
      Float64Array.from({ length: STRIP_STEPS }, (_, i) => Math.cos((2 * Math.PI * count * i) / STRIP_STEPS))
    expect(fitTicks(ticksOf(waves(48)))).toBeNull()
  })

  it('are told to within half a tick', () => {
    expect([wrapped(6.4), wrapped(-3.2), wrapped(0.5)].map((deg) => Number(deg.toFixed(6)))).toEqual([
      0.4, 2.8, 0.5,
    ])
  })
})
