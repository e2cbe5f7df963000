import { VERDICT_POLICY } from './verdictPolicy'
import fc from 'fast-check'
import type { PossibleMeasurement } from './askNext'
import { askNext, entropyBits } from './askNext'
import { evidenceConflicts } from './evidenceConflicts'
import type { SizeEvidence } from './SizeEvidence'
import { crystalDiameter } from './SizeEvidence'
import { sizeVerdict } from './sizeVerdict'

const estimate = (valueMm: number, standardUncertaintyMm = 0.02) => ({ valueMm, standardUncertaintyMm })
const crystal = (mm: number, u = 0.02): SizeEvidence => ({ kind: 'crystal', diameter: estimate(mm, u) })
const opening = (mm: number, u = 0.02): SizeEvidence => ({
  kind: 'opening-with-gasket',
  opening: estimate(mm, u),
})
const measure = (over: Partial<PossibleMeasurement> = {}): PossibleMeasurement => ({
  id: 'm',
  label: 'across',
  side: 'crystal',
  uncertaintyMm: 0.02,
  minutes: 1,
  ...over,
})

describe('entropyBits', () => {
  it('is one bit for two equal chances and nothing for certainty', () => {
    const c = (probability: number) => ({ sizeMm: 30, probability })
    expect(entropyBits([c(0.5), c(0.5)])).toBe(1)
    expect(entropyBits([c(1), c(0)])).toBe(0)
  })
})

describe('askNext', () => {
  it('asks for what tells most a minute', () => {
    const next = askNext(
      [opening(29.99)],
      [],
      [
        measure({ id: 'rough', uncertaintyMm: 0.2 }),
        measure({ id: 'fine', uncertaintyMm: 0.005 }),
        measure({ id: 'fine but slow', uncertaintyMm: 0.005, minutes: 30 }),
        measure({ id: 'case again', side: 'case', uncertaintyMm: 0.02 }),
      ],
      VERDICT_POLICY,
    )
    expect(next?.ranked[0]?.id).toBe('fine')
    expect(next?.ranked.find((m) => m.id === 'fine but slow')?.entropyCut).toBeCloseTo(
      next?.ranked[0]?.entropyCut ?? 0,
      12,
    )
    expect(next?.enough).toBe(false)
  })

  it('says enough when no reading would change the pick', () => {
    const sure = askNext(
      [crystal(30.0, 0.01), opening(29.945, 0.01)],
      [{ sizeMm: 30, count: 12 }],
      [measure(), measure({ side: 'case' })],
      VERDICT_POLICY,
    )
    expect(sure?.enough).toBe(true)
    expect(sure?.ranked[0]?.chanceOfChange).toBeLessThan(0.03)
  })

  it('never expects more doubt than there is, and less from a finer instrument', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 29.5, max: 30.5, noNaN: true }),
        fc.double({ min: 0.005, max: 0.2, noNaN: true }),
        fc.double({ min: 1.2, max: 4, noNaN: true }),
        (mm, u, finer) => {
          const next = askNext(
            [opening(mm)],
            [],
            [measure({ id: 'fine', uncertaintyMm: u / finer }), measure({ id: 'rough', uncertaintyMm: u })],
            VERDICT_POLICY,
          )
          const cut = (id: string) => next?.ranked.find((m) => m.id === id)?.entropyCut ?? 0
          expect(cut('rough')).toBeGreaterThanOrEqual(0)
          expect(cut('rough')).toBeLessThanOrEqual((next?.entropy ?? 0) + 1e-9)
          expect(cut('fine')).toBeGreaterThanOrEqual(cut('rough') - 0.02)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('has nothing to say before anything is known, and refuses an instrument without error', () => {
    expect(askNext([], [], [measure()], VERDICT_POLICY)).toBeNull()
    expect(() => askNext([opening(30)], [], [measure({ uncertaintyMm: 0 })], VERDICT_POLICY)).toThrow(
      /uncertaintyMm/,
    )
    expect(askNext([], [{ sizeMm: 30, count: 3 }], [measure()], VERDICT_POLICY)?.entropy).toBeGreaterThan(0)
  })
})

describe('evidence of every kind', () => {
  const fragment: SizeEvidence = { kind: 'fragment', method: 'points', diameter: estimate(30.03, 0.04) }
  const imprint: SizeEvidence = { kind: 'gasket-imprint', diameter: estimate(30.0, 0.08) }
  const top = { kind: 'visible-top', top: estimate(29.6, 0.03), bevel: estimate(0.2, 0.02) } as const

  it('adds two bevels to the visible top, their error twice', () => {
    expect(crystalDiameter(top)).toEqual({ valueMm: 30, standardUncertaintyMm: Math.hypot(0.03, 0.04) })
  })

  it('gives the same verdict in whatever order it came', () => {
    const all = [
      crystal(30.02),
      fragment,
      imprint,
      top,
      opening(29.95),
      { kind: 'bore-and-gasket', bore: estimate(30.95), wall: estimate(0.5, 0.01) },
    ] as const
    const verdictOf = (items: readonly SizeEvidence[]) => {
      const outcome = sizeVerdict(items, [], VERDICT_POLICY)
      return outcome.ok ? outcome.verdict.candidates.map((c) => c.probability) : []
    }
    const first = verdictOf(all)
    fc.assert(
      fc.property(fc.shuffledSubarray([...all], { minLength: 6, maxLength: 6 }), (shuffled) => {
        verdictOf(shuffled).forEach((p, i) => expect(p).toBeCloseTo(first[i] ?? 0, 10))
      }),
    )
  })

  it('is surer with a fragment than without', () => {
    const pick = (items: readonly SizeEvidence[]) => {
      const outcome = sizeVerdict(items, [], VERDICT_POLICY)
      return outcome.ok ? outcome.verdict.pick.probability : 0
    }
    expect(pick([opening(29.95), fragment])).toBeGreaterThan(pick([opening(29.95)]))
  })
})

describe('evidenceConflicts', () => {
  it('names the odd one out, by how much, and why it may be so', () => {
    const wrongOne = [
      crystal(30.4),
      opening(29.95),
      { kind: 'bore-and-gasket', bore: estimate(30.95), wall: estimate(0.5, 0.01) },
    ] as const
    const [odd] = evidenceConflicts(wrongOne, VERDICT_POLICY)
    expect(odd).toMatchObject({ kind: 'crystal', index: 0 })
    expect(odd?.standardDeviations).toBeGreaterThan(2.5)
    expect(odd?.likely).toMatch(/wrong one/)
  })

  it('names both of two that disagree, and none that agree', () => {
    expect(
      evidenceConflicts([crystal(30.4), opening(29.95)], VERDICT_POLICY)
        .map((o) => o.kind)
        .sort(),
    ).toEqual(['crystal', 'opening-with-gasket'])
    expect(evidenceConflicts([crystal(30.0), opening(29.95)], VERDICT_POLICY)).toEqual([])
    expect(evidenceConflicts([crystal(30.0)], VERDICT_POLICY)).toEqual([])
  })
})
