import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { idealAnswer } from './bayesCeiling'
import { simulatedCases } from './simulatedCases'
import { studyTable } from './studyTable'
import { verdictStudy } from './verdictStudy'
import { OTHER_WORLD, WORLD } from './World'

describe('verdictStudy', () => {
  const study = verdictStudy(simulatedCases(900, 0.2026, WORLD), { ceilingOf: WORLD })
  const [all, ...kinds] = study.kinds

  it('is right clearly more often than measuring once and rounding', () => {
    console.log(studyTable(study))
    const countingError = Math.sqrt((all.rightByRounding * (1 - all.rightByRounding)) / all.cases)
    expect(all.verdict.right).toBeGreaterThan(all.rightByRounding + 8 * countingError)
    expect(all.verdict.right).toBeGreaterThan(0.945)
    for (const kind of kinds) expect(kind.verdict.right).toBeGreaterThan(kind.rightByRounding)
  })

  it('is as often right as can be, within counting error', () => {
    for (const { gap } of study.kinds) expect((gap?.mean ?? NaN) - (gap?.half ?? NaN)).toBeLessThan(0.003)
    expect(all.gap?.half).toBeLessThan(0.012)
  })

  it('is right in more when what it asks for next is measured too, seldom more than once a case', () => {
    expect(all.rightAfterAsking).toBeGreaterThan(0.965)
    expect(all.rightAfterAsking).toBeGreaterThan(all.verdict.right)
    expect(study.askedPerCase).toBeLessThan(0.8)
  })

  it('keeps its stated probabilities within counting error in every bin', () => {
    for (const bin of all.verdict.bins.filter((b) => b.cases >= 20)) {
      const countingError = Math.sqrt((bin.meanStated * (1 - bin.meanStated)) / bin.cases)
      // One bin in a hundred may stray beyond 2.6 errors; the model is allowed 0.01 of its own beside that.
      expect(Math.abs(bin.right - bin.meanStated)).toBeLessThan(2.6 * countingError + 0.01)
    }
    expect(all.verdict.calibrationError).toBeLessThan(0.02)
  })

  it('names most crystals that were not the size their piece wants, and hardly any that was', () => {
    const { conflicts } = verdictStudy(simulatedCases(4000, 0.3, WORLD), { asking: 'left-out' })
    // One crystal in ten is of another size: four hundred of them tell the share within 0.05.
    expect(conflicts.named).toBeGreaterThan(0.56)
    expect(conflicts.falseAlarms).toBeLessThan(0.02)
  })

  it('is kept by the values in use, and missed by others', () => {
    // Without their past: the policy was set on what the readings say alone.
    const cases = simulatedCases(3000, 0.7, WORLD).map((one) => ({ ...one, history: [] }))
    const errorOf = (over: Partial<typeof VERDICT_POLICY>) =>
      verdictStudy(cases, { policy: { ...VERDICT_POLICY, ...over }, asking: 'left-out' }).kinds[0].verdict
        .calibrationError
    const inUse = errorOf({})
    const aim = VERDICT_POLICY.aimedInterference
    expect(inUse).toBeLessThan(0.015)
    expect(errorOf({ aimedInterference: { ...aim, standardUncertaintyMm: 0.05 } })).toBeGreaterThan(2 * inUse)
    expect(
      errorOf({ pieceScatterMm: 0.002, aimedInterference: { ...aim, standardUncertaintyMm: 0.002 } }),
    ).toBeGreaterThan(2 * inUse)
    expect(errorOf({ makerUncertaintyMm: 0.06 })).toBeGreaterThan(1.3 * inUse)
  })

  it('is helped by what fitted the reference before, and stays calibrated with it', () => {
    const cases = simulatedCases(3000, 0.7, WORLD).filter((one) => one.history.length > 0)
    const judged = (some: typeof cases) => verdictStudy(some, { asking: 'left-out' }).kinds[0].verdict
    const alone = judged(cases.map((one) => ({ ...one, history: [] })))
    const known = judged(cases)
    expect(known.right).toBeGreaterThan(alone.right)
    expect(known.calibrationError).toBeLessThan(0.02)
  })

  it('does not trust three pieces read by one caliper more than they are worth', () => {
    // Chords by one caliper share its zero: with three of them the pick may not come out worse than without any.
    const cases = simulatedCases(4000, 0.9, WORLD).filter(
      ({ shown }) => shown.pieces.length === 3 && shown.pieces[0]?.method === 'chord',
    )
    const without = cases.map((one) => ({
      ...one,
      evidence: one.evidence.filter(({ kind }) => kind !== 'fragment'),
    }))
    const right = (some: typeof cases) => verdictStudy(some, { asking: 'left-out' }).kinds[0].verdict.right
    expect(cases.length).toBeGreaterThan(100)
    expect(right(cases)).toBeGreaterThan(right(without))
  })

  it('gives the same study for the same seed', () => {
    expect(simulatedCases(50, 0.5, WORLD)).toEqual(simulatedCases(50, 0.5, WORLD))
    expect(simulatedCases(50, 0.5, WORLD)).not.toEqual(simulatedCases(50, 0.6, WORLD))
  })
})

describe('the Bayes ceiling', () => {
  it('keeps its own word in a world it knows, and not in another', () => {
    const cases = simulatedCases(800, 0.4, WORLD)
    const kept = (world: typeof WORLD) => {
      const answers = cases.map((one) => ({ one, ideal: idealAnswer(one, world) }))
      const stated = answers.reduce((sum, { ideal }) => sum + ideal.probability, 0) / cases.length
      const right =
        answers.filter(({ one, ideal }) => Math.abs(one.rightSizeMm - ideal.sizeMm) < 0.05).length /
        cases.length
      return { stated, right }
    }
    const own = kept(WORLD)
    expect(Math.abs(own.stated - own.right)).toBeLessThan(0.02)
    const other = kept(OTHER_WORLD)
    expect(other.right).toBeLessThanOrEqual(own.right + 0.005)
    expect(Math.abs(other.stated - other.right)).toBeGreaterThan(0.02)
  })
})
