import jstat from 'jstat'
import type { Displacement } from '@/core/straight/Displacement'
import { tickOffsetMm } from '@/core/straight/Displacement'
import { fitOffsets } from '@/core/straight/fitOffsets'
import { seededRandom } from '@/devices/seededRandom'

const NOISE_MM = 0.03
const HOURS = [12, 3, 6, 9]

describe('turned or off-centre', () => {
  it('agrees with a general package on 500 random sets (ordinary least squares of jStat)', () => {
    const random = seededRandom(16)
    for (let set = 0; set < 500; set++) {
      const places = 4 + random.index(9)
      const offsets = Array.from({ length: places }, (_, i) => ({
        directionDeg: i * (360 / places) + random.uniform(0, 5),
        offsetMm: random.uniform(-0.8, 0.8),
      }))
      const radiusMm = random.uniform(8, 20)
      const rows = offsets.map(({ directionDeg }) => {
        const angle = (directionDeg * Math.PI) / 180
        return [radiusMm, Math.cos(angle), -Math.sin(angle)]
      })
      const { coef } = jstat.models.ols(
        offsets.map(({ offsetMm }) => offsetMm),
        rows,
      )
      const { displacement } = fitOffsets(offsets, radiusMm, NOISE_MM)
      const ours = [
        (displacement.turnedDeg * Math.PI) / 180,
        displacement.towards3Mm,
        displacement.towards12Mm,
      ]
      ours.forEach((value, i) => expect(value).toBeCloseTo(coef[i] ?? NaN, 8))
    }
  })

  it('covers the truth in 95 % ± 1 % at four places read with 0.03', () => {
    const random = seededRandom(4)
    const SETS = 12_000
    const covered = { turned: 0, x: 0, y: 0 }
    for (let set = 0; set < SETS; set++) {
      const truth: Displacement = {
        turnedDeg: random.uniform(-3, 3),
        towards3Mm: random.uniform(-0.2, 0.2),
        towards12Mm: random.uniform(-0.2, 0.2),
      }
      const offsets = HOURS.map((hour) => ({
        directionDeg: hour * 30,
        offsetMm: tickOffsetMm(truth, 14, hour * 30) + random.normal(NOISE_MM),
      }))
      const fit = fitOffsets(offsets, 14, NOISE_MM)
      const holds = (one: typeof fit.turnedDeg, value: number) =>
        one !== null && Math.abs(one.value - value) <= 1.96 * one.standardUncertainty ? 1 : 0
      covered.turned += holds(fit.turnedDeg, truth.turnedDeg)
      covered.x += holds(fit.towards3Mm, truth.towards3Mm)
      covered.y += holds(fit.towards12Mm, truth.towards12Mm)
    }
    for (const count of Object.values(covered)) expect(Math.abs(count / SETS - 0.95)).toBeLessThan(0.01)
  })

  it('doubts about one sound set in a hundred', () => {
    const truth: Displacement = { turnedDeg: 0.6, towards3Mm: 0.05, towards12Mm: -0.04 }
    const random = seededRandom(7)
    const SETS = 4000
    let doubted = 0
    for (let set = 0; set < SETS; set++) {
      const offsets = [12, 2, 4, 6, 8, 10].map((hour) => ({
        directionDeg: (hour % 12) * 30,
        offsetMm: tickOffsetMm(truth, 14, hour * 30) + random.normal(NOISE_MM),
      }))
      if (fitOffsets(offsets, 14, NOISE_MM).doubt) doubted++
    }
    expect(doubted / SETS).toBeLessThan(0.016)
    expect(doubted / SETS).toBeGreaterThan(0.005)
  })
})
