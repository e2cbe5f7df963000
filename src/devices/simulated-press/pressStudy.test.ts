import { PRESS_VERDICTS } from '@/core/press-run/PressReading'
import { PRESS_RUN_POLICY } from '@/core/press-run/pressRunPolicy'
import { pressStudy } from './pressStudy'

const RUNS = 500
const SEED = 31

describe('pressStudy', () => {
  const study = pressStudy(RUNS, SEED, PRESS_RUN_POLICY)

  it('reads nearly every simulated run as what it is, of each kind, where thresholds on the raw force do not', () => {
    expect(study.right).toBeGreaterThanOrEqual(0.98)
    for (const is of PRESS_VERDICTS) {
      const all = Object.values(study.confusion[is]).reduce((sum, n) => sum + n, 0)
      expect([is, study.confusion[is][is] / all >= 0.93]).toEqual([is, true])
    }
    expect(study.naiveRight).toBeLessThan(0.7)
  })

  it('seldom accuses a good run, and hardly ever lets a crack pass for one', () => {
    expect(study.goodAccused).toBeLessThanOrEqual(0.012)
    expect(study.confusion.cracked.good).toBeLessThanOrEqual(1)
  })

  it('finds contact and home where they are', () => {
    expect(study.contactMm).toBeLessThanOrEqual(0.018)
    expect(study.homeMm).toBeLessThanOrEqual(0.022)
    expect(study.homeNotFound).toBeLessThanOrEqual(0.03)
  })
})
