import fc from 'fast-check'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import { sizeVerdict } from './sizeVerdict'
import { VERDICT_POLICY } from './verdictPolicy'

function verdictOf(
  evidence: readonly SizeEvidence[],
  history: readonly SizeHistory[] = [],
  policy = VERDICT_POLICY,
) {
  const outcome = sizeVerdict(evidence, history, policy)
  if (!outcome.ok) throw new Error(outcome.reason)
  return outcome.verdict
}
const crystal = (valueMm: number, standardUncertaintyMm = 0.018): SizeEvidence => ({
  kind: 'crystal',
  diameter: { valueMm, standardUncertaintyMm },
})
const opening = (valueMm: number, standardUncertaintyMm = 0.018): SizeEvidence => ({
  kind: 'opening-with-gasket',
  opening: { valueMm, standardUncertaintyMm },
})
const sizeMm = fc.double({ min: 15, max: 45, noNaN: true })
const uMm = fc.double({ min: 0.003, max: 0.1, noNaN: true })

describe('sizeVerdict', () => {
  it('says so when there is nothing to go by', () => {
    expect(sizeVerdict([], [], VERDICT_POLICY)).toEqual({ ok: false, reason: 'no-evidence' })
  })

  it('gives probabilities that make one', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(sizeMm, uMm, fc.boolean()), { minLength: 1, maxLength: 5 }), (items) => {
        const evidence = items.map(([mm, u, onCrystal]) => (onCrystal ? crystal(mm, u) : opening(mm, u)))
        const total = verdictOf(evidence).candidates.reduce((sum, c) => sum + c.probability, 0)
        expect(total).toBeCloseTo(1, 9)
      }),
    )
  })

  it('does not depend on the order of the evidence', () => {
    fc.assert(
      fc.property(sizeMm, uMm, fc.double({ min: -0.2, max: 0.2, noNaN: true }), (mm, u, off) => {
        const evidence = [crystal(mm, u), opening(mm - 0.05 + off, u), crystal(mm + off, 2 * u)]
        const forward = verdictOf(evidence).pick
        const backward = verdictOf([...evidence].reverse()).pick
        expect(backward.sizeMm).toBeCloseTo(forward.sizeMm, 9)
        expect(backward.probability).toBeCloseTo(forward.probability, 9)
      }),
    )
  })

  it('never trusts its pick less for another reading that agrees', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 450 }),
        uMm,
        fc.integer({ min: 1, max: 6 }),
        (tenths, u, count) => {
          const mm = tenths / 10
          const evidenceOf = (n: number) => [
            ...Array.from({ length: n }, () => crystal(mm, u)),
            ...Array.from({ length: n }, () => opening(mm - VERDICT_POLICY.aimedInterference.valueMm, u)),
          ]
          const before = verdictOf(evidenceOf(count)).pick
          const after = verdictOf(evidenceOf(count + 1)).pick
          expect(after.probability).toBeGreaterThanOrEqual(before.probability - 1e-12)
        },
      ),
    )
  })

  it('moves with the evidence: one stock step further gives one stock step more', () => {
    fc.assert(
      fc.property(sizeMm, uMm, (mm, u) => {
        const here = verdictOf([crystal(mm, u)]).pick
        const there = verdictOf([crystal(mm + VERDICT_POLICY.stepMm, u)]).pick
        fc.pre(here.probability > 0.55)
        expect(there.sizeMm - here.sizeMm).toBeCloseTo(VERDICT_POLICY.stepMm, 6)
      }),
    )
  })

  it('lets history tip a close call and no more', () => {
    const between = [crystal(30.05)]
    const history = [{ sizeMm: 30.1, count: 9 }]
    expect(verdictOf(between, history).pick).toMatchObject({ sizeMm: 30.1 })
    expect(verdictOf([crystal(30.0, 0.005), opening(29.945, 0.005)], history).pick).toMatchObject({
      sizeMm: 30,
    })
  })

  it('answers from history alone when nothing was measured', () => {
    const { pick } = verdictOf([], [{ sizeMm: 30.1, count: 9 }])
    expect(pick.sizeMm).toBe(30.1)
    expect(pick.probability).toBeCloseTo(10 / (10 + 10), 6)
  })

  it('calls a conflict when crystal and case disagree', () => {
    expect(verdictOf([crystal(30.0), opening(29.95)]).conflict).toBeNull()
    const { conflict } = verdictOf([crystal(30.0), opening(30.25)])
    expect(conflict?.standardDeviations).toBeGreaterThan(2.5)
    expect(conflict?.caseMm).toBeCloseTo(30.305, 6)
  })

  it('refuses a broken policy', () => {
    expect(() => sizeVerdict([crystal(30)], [], { ...VERDICT_POLICY, stepMm: 0 })).toThrow(RangeError)
    expect(() => sizeVerdict([crystal(30)], [], { ...VERDICT_POLICY, neighbourChance: 1 })).toThrow(
      RangeError,
    )
  })
})
