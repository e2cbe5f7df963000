import { benchInstrument } from '../../../tests/factories/benchInstrument'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { FIT_POLICY } from '../fit/fitPolicy'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { askNext } from '../verdict/askNext'
import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { measuredFigures } from './measuredFigures'
import { possibleMeasurements } from './possibleMeasurements'
import { sizeEvidenceOf } from './sizeEvidenceOf'

const BENCH = (['caliper', 'micrometer', 'inside-micrometer', 'thickness-gauge'] as const).map((kind, i) =>
  benchInstrument(kind, i + 1),
)
const PLAN: readonly DimensionId[] = [
  'crystal-edge',
  'crystal-diameter',
  'bore',
  'gasket-wall',
  'gasket-height',
  'seat-depth',
]
type Situation = Parameters<typeof possibleMeasurements>[0]
const measurements = (over: Partial<Situation> = {}) =>
  possibleMeasurements({
    crystalState: 'whole',
    measured: {},
    otherEvidence: [],
    plan: PLAN,
    sheet: caseSheet(),
    instruments: BENCH,
    policy: FIT_POLICY,
    ...over,
  })
const ids = (over: Partial<Situation> = {}) => measurements(over).map((m) => m.id)
const taken = (dimension: DimensionId, instrumentId: number, ...shown: number[]) =>
  shown.map((shownMm, placeIndex) => ({
    ...TYPICAL_INSTRUMENTS.caliper,
    id: placeIndex,
    dimension,
    placeIndex,
    shownMm,
    instrumentId,
  }))

describe('possibleMeasurements', () => {
  it('offers every dimension of the plan that says something of the size, and no other', () => {
    expect(ids()).toEqual([
      'crystal-diameter caliper',
      'crystal-diameter micrometer',
      'bore caliper',
      'bore inside-micrometer',
    ])
    // A wall counts once there is a bore to take it off.
    const withBore = ids({ measured: measuredFigures(taken('bore', 1, 30.95, 30.95, 30.95, 30.95)) })
    expect(withBore).toContain('gasket-wall thickness-gauge')
    expect(withBore.filter((id) => /edge|height|depth/.test(id))).toEqual([])
    expect(ids({ plan: ['opening'], crystalState: 'shattered' })).toEqual([
      'opening caliper',
      'opening inside-micrometer',
      'fragment',
    ])
    expect(ids({ plan: ['opening'], crystalState: 'missing' })).not.toContain('fragment')
  })

  it('knows which bore a construction has', () => {
    const inBezel = caseSheet({ retention: 'press-in-bezel', bezelBoreMm: 31.35 })
    expect(ids({ sheet: inBezel, plan: ['bezel-bore', 'bore'] })).toContain('bezel-bore caliper')
    expect(ids({ sheet: inBezel, plan: ['bezel-bore', 'bore'] })).not.toContain('bore caliper')
    const snapped = caseSheet({ retention: 'snap-acrylic', grooveMm: 29.95 })
    expect(ids({ sheet: snapped, plan: ['groove', 'bore'] })).toEqual([
      'groove caliper',
      'groove inside-micrometer',
    ])
    const neck = caseSheet({ retention: 'neck-and-bezel', neckOuterMm: 28.94, bezelInnerMm: 30.52 })
    const read = measuredFigures(taken('bezel-inner', 1, 30.52))
    expect(ids({ sheet: neck, plan: ['bezel-inner', 'gasket-wall'], measured: read })).toEqual([
      'bezel-inner inside-micrometer',
      'gasket-wall micrometer',
      'gasket-wall thickness-gauge',
    ])
  })

  it('does not ask for the same instrument again: it keeps its own error', () => {
    const measured = measuredFigures(taken('bore', 1, 30.95))
    expect(ids({ measured })).not.toContain('bore caliper')
    expect(ids({ measured })).toContain('bore inside-micrometer')
  })

  it('needs a wall to make anything of a bore', () => {
    expect(ids({ sheet: caseSheet({ gasketWallMm: null }) }).some((id) => id.startsWith('bore'))).toBe(false)
  })

  it('foretells the hold’s scatter by the root of the places, the instrument’s own error in full', () => {
    const u = (id: string) => measurements().find((m) => m.id === id)?.uncertaintyMm ?? NaN
    // MPE/√3, half a step, and a hold of 0.006 in three places and in four: worked by hand.
    expect(u('crystal-diameter caliper')).toBeCloseTo(Math.hypot(0.0173205, 0.0028868, 0.0034641), 6)
    expect(u('bore caliper')).toBeCloseTo(Math.hypot(0.0173205, 0.0028868, 0.003), 6)
    expect(u('crystal-diameter micrometer')).toBeLessThan(u('crystal-diameter caliper') / 3)
  })

  it('asks for the wall where the wall is what is in doubt', () => {
    const measured = measuredFigures([
      ...taken('bore', 1, 30.995, 30.995, 30.995, 30.995),
      ...taken('bore', 3, 30.995, 30.995, 30.995, 30.995).map((r) => ({
        ...r,
        ...TYPICAL_INSTRUMENTS['inside-micrometer'],
      })),
    ])
    const evidence = sizeEvidenceOf(measured, caseSheet(), FIT_POLICY)
    const next = askNext(
      evidence,
      [],
      measurements({ measured, crystalState: 'missing', plan: ['bore', 'gasket-wall'] }),
      VERDICT_POLICY,
    )
    expect(next?.answer).toBe('measure')
    expect(next?.ranked[0]?.id).toMatch(/^gasket-wall/)
  })
})
