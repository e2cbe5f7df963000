import { DRY_TEST_POLICY } from '@/core/dry-test/dryTestPolicy'
import { dryStudy } from './dryStudy'

const RECORDS = 400
const SEED = 5

describe('dryStudy', () => {
  const study = dryStudy(RECORDS, SEED, DRY_TEST_POLICY)

  it('decides what could be decided, and rightly', () => {
    expect(study.decidable).toBeGreaterThan(RECORDS / 2)
    expect(study.decided).toBeGreaterThanOrEqual(0.9)
    expect(study.right).toBeGreaterThanOrEqual(0.985)
  })

  it('passes no bad case, none that is wide open, and nothing on a record that could not have seen the limit', () => {
    expect(study.falsePass).toBeLessThanOrEqual(0.002)
    expect(study.unearned).toBeLessThanOrEqual(0.005)
    expect(study.grossPassed).toBe(0)
    // A plain slope does.
    expect(study.slopePassed).toBeGreaterThan(0.02)
  })

  it('holds the true leak in its interval as often as it says', () => {
    expect(study.covered).toBeGreaterThan(0.925)
    expect(study.covered).toBeLessThan(0.975)
  })
})
