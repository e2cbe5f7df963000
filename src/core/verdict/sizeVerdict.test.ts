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

  it('answers from history alone when nothing was measured, never surer than pieces scatter', () => {
    const { pick } = verdictOf([], [{ sizeMm: 30.1, count: 9 }])
    expect(pick.sizeMm).toBe(30.1)
    expect(pick.probability).toBeGreaterThan(0.9)
    const more = verdictOf([], [{ sizeMm: 30.1, count: 90 }]).pick
    expect(more.probability).toBeGreaterThan(pick.probability)
    expect(more.probability).toBeLessThan(0.999)
  })

  it('does not let one fitting among many say that the others were wrong', () => {
    const { pick } = verdictOf(
      [],
      [
        { sizeMm: 30.1, count: 12 },
        { sizeMm: 30.5, count: 1 },
      ],
    )
    expect(pick.sizeMm).toBe(30.1)
    expect(pick.probability).toBeGreaterThan(0.9)
  })

  it('calls a conflict when the crystal was hardly the size its case wants, and not before', () => {
    expect(verdictOf([crystal(30.0), opening(29.95)]).conflict).toBeNull()
    const { conflict } = verdictOf([crystal(30.0), opening(30.25)])
    expect(conflict?.chance).toBeGreaterThan(0.9)
    expect(conflict?.crystalMm).toBeCloseTo(30, 9)
    expect(conflict?.caseMm).toBeCloseTo(30.305, 6)
    expect(verdictOf([crystal(30.0)]).conflict).toBeNull()
  })

  it('knows the difference of two readings by one caliper better than either', () => {
    const own = 0.004
    const by = (mm: number) => ({
      valueMm: mm,
      standardUncertaintyMm: Math.hypot(own, 0.017),
      shared: { 'zero 1': 0.017 },
    })
    const alone = (mm: number) => ({ valueMm: mm, standardUncertaintyMm: Math.hypot(own, 0.017) })
    const chanceOf = (estimate: typeof by | typeof alone) => {
      const evidence: SizeEvidence[] = [
        { kind: 'crystal', diameter: estimate(30.0) },
        { kind: 'opening-with-gasket', opening: estimate(30.03) },
      ]
      return verdictOf(evidence, [], { ...VERDICT_POLICY, makerUncertaintyMm: 0.005 })
    }
    expect(chanceOf(by).conflict?.chance ?? 0).toBeGreaterThan(chanceOf(alone).conflict?.chance ?? 0)
  })

  it('spreads a wrong crystal evenly over the steps within reach: never surer of it for a wider reach', () => {
    const evidence = [crystal(30.3, 0.005), opening(29.945, 0.08)]
    const at = (wrongCrystalRangeMm: number) =>
      verdictOf(evidence, [], { ...VERDICT_POLICY, wrongCrystalRangeMm })
    const odds = ({ drawn }: ReturnType<typeof at>) => {
      const p = (mm: number) => drawn.find((c) => Math.abs(c.sizeMm - mm) < 0.01)?.probability ?? 0
      return p(30.3) / p(30)
    }
    // Twice as many steps halve the chance of each: a case drawn for 30.3, against one for 30.0 whose crystal is three off.
    expect(odds(at(0.65)) / odds(at(0.35))).toBeCloseTo(2, 2)
    expect(odds(at(0.25))).toBeGreaterThan(1000 * odds(at(0.35)))
  })

  it('refuses a broken policy, and readings that were counted twice', () => {
    expect(() => sizeVerdict([crystal(30)], [], { ...VERDICT_POLICY, stepMm: 0 })).toThrow(RangeError)
    expect(() => sizeVerdict([crystal(30)], [], { ...VERDICT_POLICY, wrongCrystalChance: 1 })).toThrow(
      RangeError,
    )
    expect(() => sizeVerdict([crystal(30)], [], { ...VERDICT_POLICY, pieceScatterMm: -1 })).toThrow(
      RangeError,
    )
    const exact = { valueMm: 30, standardUncertaintyMm: 0.02, shared: { 'zero 1': 0.02 } }
    const twice = [exact, exact].map((diameter): SizeEvidence => ({ kind: 'crystal', diameter }))
    expect(() => sizeVerdict(twice, [], VERDICT_POLICY)).toThrow(/positive definite.*look at the instruments/)
  })
})
