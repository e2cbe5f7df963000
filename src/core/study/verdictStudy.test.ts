import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { simulatedCases } from './simulatedCases'
import { verdictStudy } from './verdictStudy'
import { studyTable } from './studyTable'

describe('verdictStudy', () => {
  const study = verdictStudy(simulatedCases(2000, 0.2026))

  it('is right clearly more often than measuring once and rounding', () => {
    console.log(studyTable(study))
    const countingError = Math.sqrt((study.rightByRounding * (1 - study.rightByRounding)) / study.cases)
    expect(study.rightByVerdict).toBeGreaterThan(study.rightByRounding + 8 * countingError)
    expect(study.rightByVerdict).toBeGreaterThan(0.93)
    for (const kind of study.kinds) expect(kind.rightByVerdict).toBeGreaterThan(kind.rightByRounding)
  })

  it('is right in 97 of 100 when what it asks for next is measured too, seldom more than once a case', () => {
    expect(study.rightAfterAsking).toBeGreaterThan(0.965)
    expect(study.rightAfterAsking).toBeGreaterThan(study.rightByVerdict)
    expect(study.askedPerCase).toBeLessThan(0.8)
  })

  it('keeps its stated probabilities within counting error in every bin', () => {
    for (const bin of study.bins.filter((b) => b.cases >= 20)) {
      const countingError = Math.sqrt((bin.meanStated * (1 - bin.meanStated)) / bin.cases)
      // One bin in a hundred may stray beyond 2.6 errors; the model is allowed 0.01 of its own beside that.
      expect(Math.abs(bin.right - bin.meanStated)).toBeLessThan(2.6 * countingError + 0.01)
    }
    expect(study.expectedCalibrationError).toBeLessThan(0.02)
  })

  it('is kept by the values in use, and missed by others', () => {
    // Without their past: the policy was set on what the readings say alone.
    const cases = simulatedCases(6000, 0.7).map((one) => ({ ...one, history: [] }))
    const errorOf = (over: Partial<typeof VERDICT_POLICY>) =>
      verdictStudy(cases, { policy: { ...VERDICT_POLICY, ...over }, asking: 'left-out' })
        .expectedCalibrationError
    const inUse = errorOf({})
    const aim = VERDICT_POLICY.aimedInterference
    expect(inUse).toBeLessThan(0.008)
    expect(errorOf({ neighbourChance: 0 })).toBeGreaterThan(1.5 * inUse)
    expect(errorOf({ neighbourChance: 0.6 })).toBeGreaterThan(1.5 * inUse)
    expect(errorOf({ aimedInterference: { ...aim, standardUncertaintyMm: 0.005 } })).toBeGreaterThan(
      3 * inUse,
    )
    expect(errorOf({ aimedInterference: { ...aim, standardUncertaintyMm: 0.05 } })).toBeGreaterThan(3 * inUse)
  })

  it('is helped by what fitted the reference before, and stays calibrated with it', () => {
    const cases = simulatedCases(6000, 0.7).filter((one) => one.history.length > 0)
    const judged = (all: typeof cases) => verdictStudy(all, { asking: 'left-out' })
    const alone = judged(cases.map((one) => ({ ...one, history: [] })))
    const known = judged(cases)
    expect(known.rightByVerdict).toBeGreaterThan(alone.rightByVerdict)
    expect(known.expectedCalibrationError).toBeLessThan(0.02)
  })

  it('gives the same study for the same seed', () => {
    expect(simulatedCases(50, 0.5)).toEqual(simulatedCases(50, 0.5))
    expect(simulatedCases(50, 0.5)).not.toEqual(simulatedCases(50, 0.6))
  })
})
