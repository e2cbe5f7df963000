import fc from 'fast-check'
import { acrylicSeatOf, cementSeatOf, figure, neckSeatOf } from '../../../tests/factories/crystalSeats'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessAcrylic } from './acrylic/assessAcrylic'
import { assessCandidate } from '../fit/assessCandidate'
import { CONSTRUCTIONS } from './constructions'
import { assessCemented, cornerGapMm } from './cement/assessCemented'
import { assessNeck } from './neck/assessNeck'
import { bezelRings } from '../fit/bezelRings'
import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat } from '../fit/CrystalSeat'
import { failureText } from '../fit/failureText'
import { FIT_POLICY } from '../fit/fitPolicy'
import { fitReasons } from '../fit/fitReasons'
import { rejectedCandidate } from '../fit/rejectedCandidate'
import { shortlist } from '../fit/shortlist'
import { wallSqueezeRange } from './ring/interference'
import { squeezeBetween } from '../fit/squeezeBetween'
import { squeezeByDirection } from './ring/squeezeByDirection'
import { stockIndex } from '../fit/stockIndex'

const rejected = (candidate: Candidate, seat: CrystalSeat) =>
  rejectedCandidate(candidate, (name) => failureText(name, candidate, seat, FIT_POLICY), FIT_POLICY)
const oddsOf = (candidate: Candidate, name: string) =>
  candidate.constraints.find((c) => c.name === name)?.probability
const snap = (diameterMm: number, over = {}) =>
  stockCrystal({ build: 'snap', material: 'acrylic', diameterMm, undersideRiseMm: 1.5, ...over })
const cup = (over = {}) =>
  stockCrystal({ build: 'cup', material: 'acrylic', diameterMm: 29.2, skirtInnerMm: 27.55, ...over })
const shaped = (over = {}) =>
  stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2, ...over })

describe('squeezeBetween', () => {
  it('is what the bezel takes of the wall', () => {
    const at = (mm: number, u = 0) => ({ valueMm: mm, standardUncertaintyMm: u })
    const { squeeze } = squeezeBetween({ inner: at(28), outer: at(29.44), wall: at(0.8) })
    expect(squeeze).toBeCloseTo(0.1, 12)
    const doubtful = squeezeBetween({ inner: at(28, 0.02), outer: at(29.44, 0.02), wall: at(0.8, 0.01) })
    // By finite differences of the same formula.
    const q = (inner: number, outer: number, wall: number) => 1 - (outer - inner) / (2 * wall)
    const slope = [q(28.001, 29.44, 0.8), q(28, 29.441, 0.8), q(28, 29.44, 0.801)].map(
      (v) => (v - 0.1) / 0.001,
    )
    const expected = Math.hypot((slope[0] ?? 0) * 0.02, (slope[1] ?? 0) * 0.02, (slope[2] ?? 0) * 0.01)
    expect(doubtful.standardUncertainty).toBeCloseTo(expected, 3)
  })

  it('does not change with the unit', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 20, noNaN: true }), (k) => {
        const at = (mm: number) => ({ valueMm: mm * k, standardUncertaintyMm: 0.02 * k })
        const { squeeze, standardUncertainty } = squeezeBetween({
          inner: at(28),
          outer: at(29.4),
          wall: at(0.8),
        })
        expect(squeeze).toBeCloseTo(0.125, 9)
        expect(standardUncertainty).toBeCloseTo(
          squeezeBetween({
            inner: { valueMm: 28, standardUncertaintyMm: 0.02 },
            outer: { valueMm: 29.4, standardUncertaintyMm: 0.02 },
            wall: { valueMm: 0.8, standardUncertaintyMm: 0.02 },
          }).standardUncertainty,
          9,
        )
      }),
    )
  })
})

describe('squeezeByDirection', () => {
  const joint = { crystalDiameterMm: 30, gasketWallMm: 0.5, boreMm: 30.95 }

  it('is least along the long axis and most across it, and the same all round when there is no oval', () => {
    const oval = squeezeByDirection(joint, 0.04, 90)
    expect(oval.map(({ direction }) => direction)).toEqual(['12–6', '2–8', '3–9', '4–10'])
    // i = 0.05 ∓ 0.02 over two walls of 0.5, worked by hand.
    expect(oval.map(({ squeeze }) => Number(squeeze.toFixed(4)))).toEqual([0.07, 0.05, 0.03, 0.05])
    expect(new Set(squeezeByDirection(joint, 0, 17).map(({ squeeze }) => squeeze.toFixed(9))).size).toBe(1)
  })

  it('stays within the range told for the whole rim', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.double({ min: 0, max: 180, noNaN: true }),
        (ovality, axis) => {
          const { least, most } = wallSqueezeRange(joint, ovality)
          for (const { squeeze } of squeezeByDirection(joint, ovality, axis)) {
            expect(squeeze).toBeGreaterThanOrEqual(least - 1e-12)
            expect(squeeze).toBeLessThanOrEqual(most + 1e-12)
          }
        },
      ),
    )
  })
})

describe('assessNeck', () => {
  it('squeezes the ring between bezel and glass', () => {
    const ring = stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 })
    const glass = assessNeck(
      stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.2 }),
      ring,
      neckSeatOf(),
      FIT_POLICY,
    )
    expect(glass.squeeze).toBeCloseTo(1 - (30.52 - 29.8) / 0.8, 12)
    expect(glass.probability).toBeGreaterThan(0.8)
    const thin = assessNeck(
      stockCrystal({ diameterMm: 29.5, edgeThicknessMm: 1.2 }),
      ring,
      neckSeatOf(),
      FIT_POLICY,
    )
    expect(rejected(thin, neckSeatOf()).failures[0]?.failure).toMatch(
      /not squeezed at all: 27\u00A0% too thin; nylon wants 3–20\u00A0%/,
    )
    const thick = assessNeck(
      stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.5 }),
      ring,
      neckSeatOf(),
      FIT_POLICY,
    )
    expect(rejected(thick, neckSeatOf()).failures[0]?.failure).toMatch(
      /edge 0.30 thicker than the old one; limit 0.15/,
    )
  })

  it('squeezes the skirt of a cup against the neck, and sees whether it goes over', () => {
    const facts = neckSeatOf({ crystal: 'cup', neckOuter: figure(27.6), bezelInner: figure(29.15) })
    const good = assessNeck(cup(), null, facts, FIT_POLICY)
    expect(good.squeeze).toBeCloseTo(1 - 1.55 / 1.65, 9)
    expect(good.overNeckMm).toBeCloseTo(-0.05, 9)
    expect(good.probability).toBeGreaterThan(0.7)
    expect(fitReasons(good, facts, NO_WISHES, FIT_POLICY).join(' ')).toMatch(
      /its own seal.*pressed over the neck by 0.05/,
    )
    const narrow = assessNeck(cup({ skirtInnerMm: 27.3, diameterMm: 28.95 }), null, facts, FIT_POLICY)
    expect(oddsOf(narrow, 'over-neck')).toBeLessThan(0.01)
  })

  it('refuses a cup without a skirt as a slip of the programmer', () => {
    expect(() => assessNeck(cup({ skirtInnerMm: null }), null, neckSeatOf(), FIT_POLICY)).toThrow(
      /expected a skirt/,
    )
  })
})

describe('assessAcrylic', () => {
  it('holds by its oversize and is refused where it would craze', () => {
    const facts = acrylicSeatOf()
    const good = assessAcrylic(snap(30.2), facts, FIT_POLICY)
    expect(good.strain).toBeCloseTo(0.25 / 30.2, 9)
    expect(good.probability).toBeGreaterThan(0.8)
    const tight = assessAcrylic(snap(30.4), facts, FIT_POLICY)
    expect(rejected(tight, facts).failures[0]?.failure).toMatch(
      /too large by 0.15: strained 1.5\u00A0%, it would craze/,
    )
    const small = assessAcrylic(snap(29.9), facts, FIT_POLICY)
    expect(rejected(small, facts).failures[0]?.failure).toMatch(/too small to hold: −0.05/)
  })

  it('wants a dome as high as the old one, and a metal ring as high', () => {
    const facts = acrylicSeatOf()
    expect(
      oddsOf(assessAcrylic(snap(30.2, { undersideRiseMm: 0.5 }), facts, FIT_POLICY), 'dome'),
    ).toBeLessThan(0.01)
    const bore = acrylicSeatOf({ in: 'bore', opening: figure(31.4), ringHeight: figure(1.5) })
    const ringed = (ringHeightMm: number | null) =>
      assessAcrylic(
        stockCrystal({ build: 'tension-ring', diameterMm: 31.5, undersideRiseMm: 1.8, ringHeightMm }),
        bore,
        FIT_POLICY,
      )
    expect(oddsOf(ringed(1.5), 'ring-height')).toBe(1)
    expect(oddsOf(ringed(2), 'ring-height')).toBe(0)
    expect(rejected(ringed(2), bore).failures[0]?.failure).toMatch(/0.50 higher than the old one/)
    expect(rejected(ringed(null), bore).failures[0]?.failure).toMatch(/height is not known/)
  })

  it('is the likelier the nearer to the middle of its window', () => {
    const facts = acrylicSeatOf()
    const middle = facts.opening.valueMm + (0.05 + 0.3) / 2
    fc.assert(
      // The craze limit moves with the diameter, so the very middle does too: told apart from six hundredths on.
      fc.property(fc.double({ min: 0.06, max: 0.5, noNaN: true }), (off) => {
        const near = assessAcrylic(snap(middle + off / 2), facts, FIT_POLICY).fitProbability
        const far = assessAcrylic(snap(middle + off), facts, FIT_POLICY).fitProbability
        expect(far).toBeLessThanOrEqual(near + 1e-9)
      }),
    )
  })
})

describe('assessCemented', () => {
  it('judges both axes and the corners', () => {
    const facts = cementSeatOf()
    const good = assessCemented(shaped(), facts, FIT_POLICY)
    expect([good.alongMm, good.acrossMm]).toEqual([expect.closeTo(0.06, 9), expect.closeTo(0.05, 9)])
    expect(good.cornerMm).toBeCloseTo(0.05, 9)
    expect(good.probability).toBeGreaterThan(0.7)
    const sharp = assessCemented(shaped({ cornerRadiusMm: 1 }), facts, FIT_POLICY)
    expect(sharp.cornerMm).toBeLessThan(0)
    expect(rejected(sharp, facts).failures[0]?.failure).toMatch(/corners too sharp/)
    const large = assessCemented(shaped({ diameterMm: 24.2 }), facts, FIT_POLICY)
    expect(rejected(large, facts).failures[0]?.failure).toMatch(/0.08 too large along/)
    expect(large.hold.state).toBe('crushed')
  })

  it('says so where the corners were never measured', () => {
    const facts = cementSeatOf({ cornerRadius: null })
    const found = assessCemented(shaped(), facts, FIT_POLICY)
    expect(found.cornerMm).toBeNull()
    expect(fitReasons(found, facts, NO_WISHES, FIT_POLICY).join(' ')).toMatch(
      /not judged: measure the rebate’s corner radius/,
    )
  })

  it('has the least corner gap that a walk along the two outlines finds', () => {
    const arbitrary = fc.record({
      alongMm: fc.double({ min: -0.1, max: 0.4, noNaN: true }),
      acrossMm: fc.double({ min: -0.1, max: 0.4, noNaN: true }),
      crystalRadiusMm: fc.double({ min: 0.2, max: 4, noNaN: true }),
      rebateRadiusMm: fc.double({ min: 0.2, max: 4, noNaN: true }),
    })
    fc.assert(
      fc.property(arbitrary, (gap) => {
        const { alongMm, acrossMm, crystalRadiusMm, rebateRadiusMm } = gap
        const support = (half: number, side: number, r: number, t: number) =>
          (half - r) * Math.cos(t) + (side - r) * Math.sin(t) + r
        let least = Infinity
        for (let i = 0; i <= 2000; i++) {
          const t = (i / 2000) * (Math.PI / 2)
          const rebate = support(12, 10, rebateRadiusMm, t)
          const crystal = support(12 - alongMm, 10 - acrossMm, crystalRadiusMm, t)
          least = Math.min(least, rebate - crystal)
        }
        expect(cornerGapMm(gap)).toBeCloseTo(least, 5)
      }),
    )
  })
})

describe('assessCandidate', () => {
  it('takes only what the construction takes', () => {
    expect(assessCandidate(snap(30.2), null, neckSeatOf(), FIT_POLICY)).toBeNull()
    expect(assessCandidate(snap(30.2), stockGasket(), acrylicSeatOf(), FIT_POLICY)).toBeNull()
    expect(assessCandidate(snap(30.2), null, acrylicSeatOf(), FIT_POLICY)).not.toBeNull()
    expect(
      assessCandidate(stockCrystal(), stockGasket({ use: 'bezel' }), neckSeatOf(), FIT_POLICY),
    ).toBeNull()
  })
})

describe('shortlist of the other constructions', () => {
  const everything = [
    ...[29.9, 30, 30.1, 30.2, 30.3, 30.4].map((mm, i) => snap(mm, { id: i + 1 })),
    stockCrystal({ id: 20, diameterMm: 30.2 }),
    stockCrystal({ id: 21, build: 'tension-ring', diameterMm: 30.2 }),
    ...[1, 2, 3].map((r) => shaped({ id: 30 + r, cornerRadiusMm: r })),
  ]

  it('looks only at the build the case takes and agrees with judging them all', () => {
    const facts = acrylicSeatOf()
    const list = shortlist(stockIndex(everything, [stockGasket()]), facts, NO_WISHES, { policy: FIT_POLICY })
    const all = everything
      .filter(({ build }) => build === 'snap')
      .map((crystal) => assessAcrylic(crystal, facts, FIT_POLICY))
    const fitting = all.filter(({ probability }) => probability >= FIT_POLICY.leastProbability)
    expect(list.fittingCount).toBe(fitting.length)
    expect(new Set(list.fitting.map(({ crystal }) => crystal.id))).toEqual(
      new Set(fitting.map(({ crystal }) => crystal.id)),
    )
    expect(list.fittingCount + list.rejectedCount).toBe(all.length)
  })

  it('finds glass with a ring for a neck, and a shaped crystal for a rebate', () => {
    const ring = stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 })
    const discs = [29.6, 29.7, 29.8, 29.9].map((diameterMm, i) =>
      stockCrystal({ id: i + 1, diameterMm, edgeThicknessMm: 1.2 }),
    )
    const neck = shortlist(stockIndex(discs, [ring]), neckSeatOf(), NO_WISHES, { policy: FIT_POLICY })
    expect(neck.fitting[0]).toMatchObject({ crystal: { diameterMm: 29.8 }, gasket: { wallMm: 0.4 } })
    const rebate = shortlist(stockIndex(everything, []), cementSeatOf(), NO_WISHES, { policy: FIT_POLICY })
    expect(rebate.fitting[0]?.crystal.cornerRadiusMm).toBe(2)
    expect(rebate.rejectedBy['gap-corner']).toBe(1)
  })
})

describe('bezelRings', () => {
  const ring = (id: number, wallMm: number, family = '') =>
    stockGasket({ id, use: 'bezel', outerDiameterMm: 34.1, wallMm, family })
  const rings = [ring(1, 0.55), ring(2, 0.6, 'Signal 2'), ring(3, 0.6, 'Signal 1'), ring(4, 0.7)]
  const joint = { neckOuter: figure(33), bezelInner: figure(34.1), oldWall: figure(0.58), family: 'Signal 2' }

  it('takes the ring that belongs to the bezel first and leaves out another bezel’s look-alike', () => {
    const found = bezelRings(rings, joint, FIT_POLICY)
    expect(found[0]?.gasket.id).toBe(2)
    expect(found[0]?.squeeze).toBeCloseTo(1 - 1.1 / 1.2, 9)
    expect(found.map(({ gasket }) => gasket.id)).not.toContain(3)
    expect(found.map(({ gasket }) => gasket.id)).not.toContain(1)
  })

  it('shows the four likeliest of many that serve', () => {
    const many = Array.from({ length: 7 }, (_, i) => ring(10 + i, 0.6))
    expect(bezelRings(many, joint, FIT_POLICY)).toHaveLength(4)
  })

  it('goes by the old ring where neck and bezel were not measured, and by nothing where that is not known either', () => {
    const byOld = bezelRings(rings, { ...joint, neckOuter: null }, FIT_POLICY)
    expect(byOld.map(({ gasket }) => gasket.id)).toEqual([2, 1])
    expect(byOld[0]?.reason).toMatch(/as the old ring’s 0.58; measure neck and bezel/)
    expect(bezelRings(rings, { ...joint, neckOuter: null, oldWall: null }, FIT_POLICY)).toEqual([])
    const wide = { ...FIT_POLICY, wallLikeOldMm: 0.2 }
    expect(bezelRings(rings, { ...joint, neckOuter: null }, wide).map(({ gasket }) => gasket.id)).toContain(4)
    const strict = { ...FIT_POLICY, ringToBezelMm: 0.05 }
    expect(bezelRings(rings, { ...joint, bezelInner: figure(34.2) }, strict)).toEqual([])
  })
})

describe('the part of itself a ring is squeezed by', () => {
  it('is its construction’s own, and none where no ring is squeezed', () => {
    const ring = stockGasket({ material: 'nylon', wallMm: 0.5 })
    const bands = CONSTRUCTIONS.map((one) => [one.id, one.squeezeBand(ring, FIT_POLICY)])
    // Interference of 0.01–0.10 mm over two walls of 0.50; the others as the shop has set them.
    const inBore = { low: 0.01, high: 0.1 }
    expect(Object.fromEntries(bands)).toEqual({
      'tension-gasket': inBore,
      'press-in-bezel': inBore,
      'neck-and-bezel': FIT_POLICY.neckSqueezeBands.nylon,
      'bayonet-ring': FIT_POLICY.flatSqueeze,
      'snap-acrylic': null,
      'tension-ring-acrylic': null,
      cemented: null,
    })
  })
})
