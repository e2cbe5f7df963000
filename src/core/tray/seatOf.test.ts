import { VERDICT_POLICY } from '../verdict/verdictPolicy'
import { FIT_POLICY } from '../fit/fitPolicy'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import type { DimensionId } from '../readings/dimensions'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { constructionOf } from '../construction/constructions'
import { seatOf } from './seatOf'
import type { CaseSheet } from './CaseSheet'
import { measuredFigures } from './measuredFigures'
import { trayReadout } from './trayReadout'

/** A sheet that knows nothing but how its crystal is held. */
const BLANK: CaseSheet = {
  ...caseSheet(),
  boreMm: null,
  seatDepthMm: null,
  handsBelowSeatMm: null,
  crystalDiameterMm: null,
  crystalEdgeMm: null,
  crystalCentreMm: null,
  gasketWallMm: null,
}
let id = 0
const taken = (dimension: DimensionId, ...figures: number[]) =>
  figures.map((shownMm, placeIndex) => ({
    id: ++id,
    dimension,
    placeIndex,
    shownMm,
    instrumentId: 1,
    ...TYPICAL_INSTRUMENTS.caliper,
  }))
const outcome = (over: Partial<CaseSheet>, readings: ReturnType<typeof taken> = []) =>
  seatOf(measuredFigures(readings), { ...BLANK, ...over }, FIT_POLICY)

const sizeOf = (sheet: CaseSheet) => constructionOf(sheet.retention).seatSize({}, sheet, FIT_POLICY)

describe('seatOf, construction by construction', () => {
  it.each([
    ['tension-gasket', {}, 'bore'],
    ['press-in-bezel', {}, 'bezel-bore'],
    ['neck-and-bezel', {}, 'neck-outer'],
    ['snap-acrylic', {}, 'groove'],
    ['tension-ring-acrylic', {}, 'bore'],
    ['cemented', {}, 'rebate-length'],
    ['cemented', { rebateLengthMm: 24 }, 'rebate-width'],
    ['bayonet-ring', {}, 'bore'],
    ['bayonet-ring', { boreMm: 30.6 }, 'rebate-depth'],
    ['bayonet-ring', { boreMm: 30.6, rebateDepthMm: 2.4 }, 'ring-stroke'],
  ] as const)('%s with %j asks for the %s', (retention, known, missing) => {
    expect(outcome({ retention, ...known })).toEqual({ ok: false, missing })
  })

  it.each([
    ['press-in-bezel', { bezelBoreMm: 31.35 }, 'seat-depth', 1.2, 0.25],
    ['tension-gasket', { boreMm: 31.35 }, 'seat-depth', 1.2, 0.25],
    ['neck-and-bezel', { neckOuterMm: 28.9 }, 'bezel-inner', 30.1, 0.15],
    ['neck-and-bezel', { bezelInnerMm: 30.5 }, 'neck-outer', 29.3, 0.15],
    ['cemented', { rebateLengthMm: 24, rebateWidthMm: 20 }, 'rebate-depth', 1.2, 0.25],
  ] as const)('%s with %j takes the %s as usual, widely, and says so', (retention, known, name, mm, u) => {
    const found = outcome({ retention, ...known })
    expect(found.ok && found.seat.figures[name]).toEqual({
      origin: 'assumed',
      valueMm: expect.closeTo(mm, 9) as number,
      standardUncertaintyMm: u,
    })
  })

  it('judges by the opening alone, its ring’s wall as usual: the bore is wide, and assumed', () => {
    const found = outcome({ retention: 'tension-gasket' }, taken('opening', 27.92, 27.93, 27.92))
    expect(found.ok && found.seat.across).toMatchObject({
      origin: 'assumed',
      valueMm: expect.closeTo(27.9233 + 0.9, 3) as number,
    })
    expect(found.ok && found.seat.across.standardUncertaintyMm).toBeGreaterThan(0.14)
  })

  it('never lets a wall nobody read weigh in a bore that was', () => {
    const bore = taken('bore', 28.82, 28.82, 28.82)
    const alone = outcome({ retention: 'tension-gasket' }, bore)
    const beside = outcome({ retention: 'tension-gasket' }, [...bore, ...taken('opening', 27.7, 27.7, 27.7)])
    expect(beside.ok && beside.seat.across).toEqual(alone.ok && alone.seat.across)
  })

  it('takes what was measured before what the sheet says', () => {
    const found = outcome({ retention: 'snap-acrylic', grooveMm: 29.9 }, taken('groove', 29.95, 29.95, 29.95))
    expect(found.ok && found.seat).toMatchObject({
      retention: 'snap-acrylic',
      in: 'groove',
      opening: { origin: 'measured', valueMm: expect.closeTo(29.95, 9) as number },
    })
  })

  it('sees a cup in acrylic, and glass in anything else, over a neck', () => {
    const neck = { retention: 'neck-and-bezel', neckOuterMm: 28.9, bezelInnerMm: 30.5 } as const
    const crystalOf = (crystalMaterial: CaseSheet['crystalMaterial']) => {
      const found = outcome({ ...neck, crystalMaterial })
      return found.ok && 'crystal' in found.seat ? found.seat.crystal : null
    }
    expect([crystalOf('acrylic'), crystalOf('mineral'), crystalOf(null)]).toEqual(['cup', 'glass', 'glass'])
  })

  it('tells a round rebate from a shaped one by its corners, or by what the sheet knows of the crystal', () => {
    const rebate = { retention: 'cemented', rebateDepthMm: 1 } as const
    const outlineOf = (over: Partial<CaseSheet>) => {
      const found = outcome({ ...rebate, ...over })
      return found.ok && 'outline' in found.seat ? found.seat.outline : null
    }
    expect(outlineOf({ rebateLengthMm: 30, rebateWidthMm: 30, rebateCornerMm: 15 })).toBe('round')
    expect(outlineOf({ rebateLengthMm: 30, rebateWidthMm: 30, rebateCornerMm: 2 })).toBe('shaped')
    expect(outlineOf({ rebateLengthMm: 30, crystalDiameterMm: 29.9 })).toBe('round')
    expect(outlineOf({ rebateLengthMm: 24, rebateWidthMm: 20, crystalLengthMm: 23.9 })).toBe('shaped')
    // What the sheet says outright goes before all signs of it.
    expect(outlineOf({ crystalOutline: 'round', boreMm: 30, rebateCornerMm: 2 })).toBe('round')
    const square = { rebateLengthMm: 30, rebateWidthMm: 30, rebateCornerMm: 15 }
    expect(outlineOf({ crystalOutline: 'shaped', ...square })).toBe('shaped')
    expect(outcome({ ...rebate, crystalOutline: 'round', rebateLengthMm: 30 })).toEqual({
      ok: false,
      missing: 'bore',
    })
  })
})

describe('the seat as evidence of the size', () => {
  it.each([
    // Middle of what each fit wants, worked by hand from the built-in limits.
    ['snap-acrylic', {}, taken('groove', 29.95, 29.95, 29.95), 29.95 + (0.05 + 0.2995) / 2],
    ['tension-ring-acrylic', {}, taken('bore', 31.4, 31.4, 31.4, 31.4), 31.4 + 0.075],
    [
      'neck-and-bezel',
      { gasketWallMm: 0.4 },
      taken('bezel-inner', 30.52, 30.52, 30.52),
      30.52 - 0.8 * (1 - 0.115),
    ],
    [
      'neck-and-bezel',
      { crystalMaterial: 'acrylic', neckOuterMm: 27.6 },
      taken('bezel-inner', 29.15, 29.15, 29.15),
      27.6 + 1.55 / (1 - 0.045),
    ],
    ['cemented', { crystalDiameterMm: 29.9 }, taken('rebate-length', 30, 30, 30), 30 - 0.12],
    ['cemented', { crystalOutline: 'round' }, taken('bore', 30, 30, 30, 30), 30 - 0.12],
  ] as const)('%s asks for the crystal in the middle of its window', (retention, known, readings, wanted) => {
    const { verdict, evidence } = trayReadout(readings, { ...BLANK, retention, ...known }, [], {
      shapes: [],
      pastCounts: true,
      policy: FIT_POLICY,
      verdict: VERDICT_POLICY,
    })
    expect(evidence.map(({ kind }) => kind)).toEqual(['seat'])
    expect(verdict?.fromCase?.valueMm).toBeCloseTo(wanted, 6)
    expect(verdict?.pick.sizeMm).toBeCloseTo(Math.round(wanted * 10) / 10, 9)
  })

  it('is there for no shaped crystal and for no ring in a bore', () => {
    const shaped = { ...BLANK, retention: 'cemented', rebateLengthMm: 24, crystalLengthMm: 23.9 } as const
    expect(sizeOf(shaped)).toBeNull()
    expect(sizeOf(caseSheet())).toBeNull()
    expect(sizeOf({ ...BLANK, retention: 'neck-and-bezel' })).toBeNull()
  })

  it('goes by what the shop takes for a good fit', () => {
    const sheet = { ...BLANK, retention: 'cemented', crystalDiameterMm: 29.9 } as const
    const readings = taken('rebate-length', 30, 30, 30)
    const policy = { ...FIT_POLICY, cementGap: { ...FIT_POLICY.cementGap, lowMm: 0.09, highMm: 0.11 } }
    const asked = (of: typeof policy) =>
      trayReadout(readings, sheet, [], { shapes: [], pastCounts: true, policy: of, verdict: VERDICT_POLICY })
        .verdict?.fromCase
    expect(asked(policy)?.valueMm).toBeCloseTo(29.8, 6)
    expect(asked(FIT_POLICY)?.valueMm).toBeCloseTo(29.88, 6)
  })

  it('does not count what only the sheet knows', () => {
    const sheet = { ...BLANK, retention: 'snap-acrylic', grooveMm: 29.95 } as const
    expect(
      trayReadout([], sheet, [], {
        shapes: [],
        pastCounts: true,
        policy: FIT_POLICY,
        verdict: VERDICT_POLICY,
      }).evidence,
    ).toEqual([])
  })
})
