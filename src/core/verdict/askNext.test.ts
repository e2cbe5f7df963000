import { VERDICT_POLICY } from './verdictPolicy'
import fc from 'fast-check'
import type { PossibleMeasurement } from './askNext'
import { askNext, entropyBits } from './askNext'
import { evidenceConflicts } from './evidenceConflicts'
import type { SizeEvidence, SizeHistory } from './SizeEvidence'
import { crystalDiameter } from './SizeEvidence'
import { sizeVerdict } from './sizeVerdict'

const estimate = (valueMm: number, standardUncertaintyMm = 0.02) => ({ valueMm, standardUncertaintyMm })
const crystal = (mm: number, u = 0.02): SizeEvidence => ({ kind: 'crystal', diameter: estimate(mm, u) })
const opening = (mm: number, u = 0.02): SizeEvidence => ({
  kind: 'opening-with-gasket',
  opening: estimate(mm, u),
})
interface Meant {
  readonly id?: string
  readonly side?: 'crystal' | 'case'
  readonly uncertaintyMm?: number
  readonly minutes?: number
}

/** A measurement of the crystal, or of the opening, beside what there is. */
const measure =
  ({ id = 'm', side = 'crystal', uncertaintyMm = 0.02, minutes = 1 }: Meant = {}) =>
  (known: readonly SizeEvidence[]): PossibleMeasurement => ({
    id,
    label: 'across',
    uncertaintyMm,
    minutes,
    foretold: side === 'crystal' ? { from: 'crystal' } : { from: 'opening', readingMm: (mm) => mm },
    after: (mm) => [...known, side === 'crystal' ? crystal(mm, uncertaintyMm) : opening(mm, uncertaintyMm)],
  })
const asked = (
  known: readonly SizeEvidence[],
  history: readonly SizeHistory[],
  possible: readonly ReturnType<typeof measure>[],
) =>
  askNext(
    known,
    history,
    possible.map((of) => of(known)),
    VERDICT_POLICY,
  )

describe('entropyBits', () => {
  it('is one bit for two equal chances and nothing for certainty', () => {
    expect(entropyBits([0.5, 0.5])).toBe(1)
    expect(entropyBits([1, 0])).toBe(0)
  })
})

describe('askNext', () => {
  it('asks for what tells most a minute', () => {
    const next = asked(
      [opening(29.99)],
      [],
      [
        measure({ id: 'rough', uncertaintyMm: 0.2 }),
        measure({ id: 'fine', uncertaintyMm: 0.005 }),
        measure({ id: 'fine but slow', uncertaintyMm: 0.005, minutes: 30 }),
        measure({ id: 'case again', side: 'case', uncertaintyMm: 0.02 }),
      ],
    )
    const cut = (id: string) => next?.ranked.find((m) => m.id === id)?.entropyCut ?? NaN
    expect(next?.answer).toBe('measure')
    expect(cut('fine but slow')).toBeCloseTo(cut('fine'), 12)
    expect(cut('fine')).toBeGreaterThan(cut('rough'))
    expect(next?.ranked.map(({ id }) => id)[0]).toBe('fine')
  })

  it('says enough when no reading would change a pick that is sure', () => {
    const sure = asked(
      [crystal(30.0, 0.01), opening(29.945, 0.01)],
      [{ sizeMm: 30, count: 12 }],
      [measure(), measure({ side: 'case' })],
    )
    expect(sure?.answer).toBe('enough')
    expect(sure?.ranked[0]?.chanceOfChange).toBeLessThan(0.03)
  })

  it('says that nothing would settle it where the pick is in doubt and nothing is left to measure', () => {
    const between = [crystal(30.05, 0.01), opening(29.995, 0.01)]
    expect(asked(between, [], [])?.answer).toBe('unsettled')
    // An instrument that knows less than is known already is no way out.
    expect(asked(between, [], [measure({ uncertaintyMm: 0.5 })])?.answer).toBe('unsettled')
    expect(asked(between, [], [measure({ side: 'case', uncertaintyMm: 0.003 })])?.answer).toBe('measure')
  })

  it('never expects more doubt than there is, and less from a finer instrument', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 29.5, max: 30.5, noNaN: true }),
        fc.double({ min: 0.005, max: 0.2, noNaN: true }),
        fc.double({ min: 1.2, max: 4, noNaN: true }),
        (mm, u, finer) => {
          const next = asked(
            [opening(mm)],
            [],
            [measure({ id: 'fine', uncertaintyMm: u / finer }), measure({ id: 'rough', uncertaintyMm: u })],
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
    expect(asked([], [], [measure()])).toBeNull()
    expect(() => asked([opening(30)], [], [measure({ uncertaintyMm: 0 })])).toThrow(/uncertaintyMm/)
    expect(asked([], [{ sizeMm: 30, count: 3 }], [measure()])?.entropy).toBeGreaterThan(0)
  })
})

describe('evidence of every kind', () => {
  const fragment: SizeEvidence = { kind: 'fragment', method: 'points', diameter: estimate(30.03, 0.04) }
  const imprint: SizeEvidence = { kind: 'gasket-imprint', diameter: estimate(30.0, 0.08) }
  const top = { kind: 'visible-top', top: estimate(29.6, 0.03), bevel: estimate(0.2, 0.02) } as const

  it('adds two bevels to the visible top, their error twice', () => {
    expect(crystalDiameter(top).valueMm).toBeCloseTo(30, 12)
    expect(crystalDiameter(top).standardUncertaintyMm).toBeCloseTo(Math.hypot(0.03, 0.04), 12)
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
  const bore = (mm: number): SizeEvidence => ({
    kind: 'bore-and-gasket',
    bore: estimate(mm),
    wall: estimate(0.5, 0.01),
  })

  it('names the odd one out, by how much, and why it may be so', () => {
    const pieces = [30.01, 30.02, 30.4].map((mm): SizeEvidence => ({
      kind: 'fragment',
      method: 'points',
      diameter: estimate(mm, 0.04),
    }))
    const [odd] = evidenceConflicts([opening(29.95), ...pieces], VERDICT_POLICY)
    expect(odd).toMatchObject({ kind: 'fragment', index: 3 })
    expect(odd?.standardDeviations).toBeGreaterThan(2.5)
    expect(odd?.likely).toMatch(/chip/)
  })

  it('names both of two that disagree, and none that agree or stand on the other side', () => {
    expect(
      evidenceConflicts([opening(29.95), bore(31.2)], VERDICT_POLICY)
        .map((o) => o.kind)
        .sort(),
    ).toEqual(['bore-and-gasket', 'opening-with-gasket'])
    expect(evidenceConflicts([opening(29.95), bore(30.95)], VERDICT_POLICY)).toEqual([])
    expect(evidenceConflicts([crystal(30.4), opening(29.95)], VERDICT_POLICY)).toEqual([])
    expect(evidenceConflicts([crystal(30.0)], VERDICT_POLICY)).toEqual([])
  })

  it('sees finer where one instrument read both: what it is off cancels', () => {
    const by = (mm: number): SizeEvidence => ({
      kind: 'opening-with-gasket',
      opening: { valueMm: mm, standardUncertaintyMm: Math.hypot(0.004, 0.017), shared: { 'zero 1': 0.017 } },
    })
    expect(evidenceConflicts([by(29.95), by(29.97)], VERDICT_POLICY)).toHaveLength(2)
    expect(evidenceConflicts([opening(29.95), opening(29.97)], VERDICT_POLICY)).toEqual([])
  })
})
