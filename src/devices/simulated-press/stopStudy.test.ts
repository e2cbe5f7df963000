import { PRESS_RUN_POLICY } from '@/core/press-run/pressRunPolicy'
import { LEAST_READINGS, readLive } from '@/core/press-run/readLive'
import { readPress } from '@/core/press-run/readPress'
import { stopStudy } from './stopStudy'

const RUNS = 120
const SEED = 44

describe('a hand at a press with a cell', () => {
  const told = stopStudy(RUNS, SEED, (points) => readLive(points, PRESS_RUN_POLICY))
  const early = (of: typeof told) => of.reduce((sum, each) => sum + each.early, 0)

  it('is told to stop within a tenth of a second of home, of too much and of a crack', () => {
    for (const fault of ['none', 'over-pressed', 'cracked'] as const) {
      const of = told.find((each) => each.fault === fault)
      expect([fault, (of?.within ?? 0) >= 0.9, (of?.most95 ?? Infinity) <= 110]).toEqual([fault, true, true])
    }
  })

  it('is hardly ever told so on the way, as it would be if what came were read as a whole run', () => {
    expect(early(told)).toBeLessThanOrEqual(0.04 * RUNS)
    const asWhole = stopStudy(RUNS, SEED, (points) =>
      points.length < LEAST_READINGS ? null : readPress(points, PRESS_RUN_POLICY),
    )
    expect(early(asWhole)).toBeGreaterThan(0.1 * RUNS)
  })
})
