import fc from 'fast-check'
import { figure } from '../../../tests/factories/crystalSeats'
import { stockBezel, stockInsert } from '../../../tests/factories/otherParts'
import type { BezelSeat } from './assessBezel'
import { assessBezel, newBezelNotes } from './assessBezel'
import { BEZEL_POLICY } from './bezelPolicy'
import type { InsertSeat } from './assessInsert'
import { assessInsert, cutRingFor } from './assessInsert'
import { chooseBezel, chooseInsert } from './chooseBezelParts'

const SEAT: InsertSeat = {
  outer: figure(38.1),
  inner: figure(30.4),
  depth: figure(0.9),
  form: 'sloped',
  hold: 'adhesive',
  fixing: 'flexible-cement',
  family: 'Tidal',
}
const CASE: BezelSeat = {
  kind: 'rotating-click',
  onRing: false,
  neckOuter: figure(34.5),
  oldInner: null,
  keySpacing: null,
  keyWidth: null,
  clicks: 120,
  crystalMm: 30,
  family: 'Tidal',
}

describe('assessInsert', () => {
  it('leaves room a side, stands flush with its cement under it, and says what its material does not forgive', () => {
    const found = assessInsert(stockInsert(), SEAT, BEZEL_POLICY)
    expect(found.outerRoomMm).toBeCloseTo(0.1, 9)
    expect(found.innerRoomMm).toBeCloseTo(0.1, 9)
    expect(found.flushMm).toBeCloseTo(0.8 + 0.05 - 0.9, 9)
    expect(found.probability).toBeGreaterThan(0.8)
    expect(found.failures).toEqual([])
    expect(found.reasons.join(' ')).toMatch(
      /0.10 a side.*−0.05 against the bezel’s edge, 0.05 of it what fixes it.*bends/,
    )
    expect(assessInsert(stockInsert({ material: 'ceramic' }), SEAT, BEZEL_POLICY).reasons.join(' ')).toMatch(
      /shatters/,
    )
  })

  it('stands higher on a pre-cut ring than in cement', () => {
    const cement = assessInsert(stockInsert(), SEAT, BEZEL_POLICY).flushMm ?? NaN
    const ring =
      assessInsert(stockInsert(), { ...SEAT, fixing: 'double-sided-ring' }, BEZEL_POLICY).flushMm ?? NaN
    const friction = assessInsert(stockInsert(), { ...SEAT, hold: 'friction' }, BEZEL_POLICY).flushMm ?? NaN
    expect(ring - cement).toBeCloseTo(0.07, 9)
    expect(friction).toBeCloseTo(-0.1, 9)
  })

  it.each([
    [{ thicknessMm: 1.1 }, /would stand \+0.25/],
    [{ outerMm: 38.3 }, /0.20 larger than its recess/],
    [{ outerMm: 37.5 }, /0.30 a side of play/],
    [{ innerMm: 30.2 }, /its hole is 0.20 smaller than the inner wall/],
    [{ form: 'flat' as const }, /flat, the recess is sloped/],
    [{ family: 'Reef' }, /belongs to Reef, this bezel to Tidal: they look alike and do not interchange/],
    [{ quantity: 0 }, /no I-379-306 left/],
  ])('refuses %j and says why', (over, why) => {
    const found = assessInsert(stockInsert(over), SEAT, BEZEL_POLICY)
    expect(found.probability).toBeLessThan(0.5)
    expect(found.failures[0]).toMatch(why)
  })

  it('says so where the depth of the recess is not known', () => {
    const found = assessInsert(stockInsert(), { ...SEAT, depth: null, inner: null }, BEZEL_POLICY)
    expect(found.flushMm).toBeNull()
    expect(found.reasons.join(' ')).toMatch(/measure the depth of the recess/)
  })

  it('names the weakest where everything passes by itself and not together', () => {
    const doubtful = {
      ...SEAT,
      outer: figure(38.1, 0.14),
      inner: figure(30.4, 0.18),
      depth: figure(0.9, 0.1),
    }
    const found = assessInsert(stockInsert(), doubtful, BEZEL_POLICY)
    expect(found.probability).toBeLessThan(0.5)
    expect(found.failures).toHaveLength(1)
  })
})

describe('cutRingFor', () => {
  it('is narrower than the insert on both sides', () => {
    expect(cutRingFor({ outerMm: 38, innerMm: 31 }, BEZEL_POLICY)).toEqual({
      mostOuterMm: 37.4,
      leastInnerMm: 31.6,
      widthMm: expect.closeTo(2.9, 9) as number,
    })
    expect(cutRingFor({ outerMm: 38, innerMm: 36 }, BEZEL_POLICY)).toBeNull()
  })

  it('never shows beside the insert', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 40, noNaN: true }),
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        (outerMm, wide) => {
          const ring = cutRingFor({ outerMm, innerMm: outerMm - 2 * wide }, BEZEL_POLICY)
          if (!ring) return
          expect(ring.mostOuterMm).toBeLessThan(outerMm)
          expect(ring.leastInnerMm).toBeGreaterThan(outerMm - 2 * wide)
          expect(ring.widthMm).toBeCloseTo((ring.mostOuterMm - ring.leastInnerMm) / 2, 9)
        },
      ),
    )
  })
})

describe('assessBezel', () => {
  it('turns with a little room and clicks as the spring does', () => {
    const found = assessBezel(stockBezel(), CASE, BEZEL_POLICY)
    expect(found.probability).toBeGreaterThan(0.8)
    expect(found.reasons.join(' ')).toMatch(/Room over the neck 0.10.*120 clicks.*same family, Tidal/)
    expect(assessBezel(stockBezel({ clicks: 60 }), CASE, BEZEL_POLICY).failures[0]).toMatch(
      /60 clicks a turn; the case’s spring has 120/,
    )
    expect(assessBezel(stockBezel({ family: 'Reef' }), CASE, BEZEL_POLICY).failures[0]).toMatch(
      /belongs to Reef/,
    )
  })

  it('is pressed on with a band where it does not turn', () => {
    const fixed = { ...CASE, kind: 'fixed-friction' as const }
    const bezel = (innerMm: number) => stockBezel({ bezelKind: 'fixed-friction', clicks: null, innerMm })
    expect(assessBezel(bezel(34.44), fixed, BEZEL_POLICY).probability).toBeGreaterThan(0.7)
    expect(assessBezel(bezel(34.6), fixed, BEZEL_POLICY).failures[0]).toMatch(
      /press-on band −0.10; wants 0.02–0.10/,
    )
  })

  it('goes by the old bezel and by its keys where a removable one sits on its ring', () => {
    const removable: BezelSeat = {
      ...CASE,
      kind: 'crystal-retaining',
      onRing: true,
      oldInner: figure(34.1),
      keySpacing: figure(33.4),
      keyWidth: figure(1.5),
      crystalMm: null,
      family: 'Signal 2',
    }
    const bezel = (keySpacingMm: number | null) =>
      stockBezel({
        bezelKind: 'crystal-retaining',
        innerMm: 34.1,
        boreMm: 31.35,
        keySpacingMm,
        keyWidthMm: 1.5,
        family: '',
      })
    expect(assessBezel(bezel(33.4), removable, BEZEL_POLICY).reasons.join(' ')).toMatch(
      /as the old bezel’s 34.10/,
    )
    expect(newBezelNotes('keyed').join(' ')).toMatch(
      /both come with it.*goes in first: lay it in dry, its key in its notch/,
    )
    expect(newBezelNotes('none')).toHaveLength(1)
    expect(assessBezel(bezel(33), removable, BEZEL_POLICY).failures[0]).toMatch(
      /keys 33.00, the old bezel’s 33.40: it cannot go on/,
    )
    expect(assessBezel(bezel(null), removable, BEZEL_POLICY).failures[0]).toMatch(/keys are not known/)
  })

  it('clears the crystal that stays in the case', () => {
    expect(assessBezel(stockBezel(), { ...CASE, crystalMm: 30.3 }, BEZEL_POLICY).failures[0]).toMatch(
      /does not clear the 30.30 crystal/,
    )
  })

  it('asks of the opening and of the old bezel what the shop asks', () => {
    const near = { ...BEZEL_POLICY, clearOfCrystalMm: 0 }
    const open = stockBezel().recessInnerMm ?? stockBezel().innerMm
    const touching = { ...CASE, crystalMm: open - 0.05 }
    expect(assessBezel(stockBezel(), touching, BEZEL_POLICY).failures.join(' ')).toMatch(/does not clear/)
    expect(assessBezel(stockBezel(), touching, near).failures.join(' ')).not.toMatch(/does not clear/)
    const unread = { ...CASE, neckOuter: null, oldInner: figure(stockBezel().innerMm + 0.12) }
    expect(assessBezel(stockBezel(), unread, BEZEL_POLICY).failures[0]).toMatch(
      /narrower inside than the old bezel/,
    )
    const wide = { ...BEZEL_POLICY, likeOldMm: 0.3 }
    expect(assessBezel(stockBezel(), unread, wide).failures).toEqual([])
  })
})

describe('clicks of a bezel', () => {
  const said = (seat: Partial<BezelSeat>, clicks: number | null) => {
    const { failures, reasons } = assessBezel(stockBezel({ clicks }), { ...CASE, ...seat }, BEZEL_POLICY)
    return [...failures, ...reasons].filter((text) => text.includes('clicks')).join(' ')
  }

  it('are compared where both are known and the bezel clicks, and nowhere else', () => {
    expect(said({}, 60)).toBe('60 clicks a turn; the case’s spring has 120')
    expect(said({}, 120)).toBe('120 clicks a turn, as the case’s spring.')
    for (const [seat, clicks] of [
      [{ clicks: null }, 60],
      [{}, null],
      [{ kind: 'rotating-friction' }, 60],
    ] as const)
      expect(said(seat, clicks)).toBe('')
  })
})

describe('the last bezel of a drawer', () => {
  it('can be taken, and none cannot', () => {
    const failing = (quantity: number) => assessBezel(stockBezel({ quantity }), CASE, BEZEL_POLICY).failures
    expect(failing(1)).toEqual(failing(5))
    expect(failing(0).join(' ')).toMatch(/no \S+ left in its drawer/)
  })
})

describe('choosing', () => {
  it('puts what fits first and keeps near misses with their reasons', () => {
    const stock = [
      stockInsert({ id: 1, thicknessMm: 1.2 }),
      stockInsert({ id: 2 }),
      stockInsert({ id: 3, outerMm: 30 }),
    ]
    const { fitting, rejected } = chooseInsert(stock, SEAT, BEZEL_POLICY)
    expect(fitting.map(({ insert }) => insert.id)).toEqual([2])
    expect(rejected.map(({ insert }) => insert.id)).toEqual([1])
    const bezels = chooseBezel([stockBezel({ id: 1, clicks: 60 }), stockBezel({ id: 2 })], CASE, BEZEL_POLICY)
    expect(bezels.fitting[0]?.bezel.id).toBe(2)
    expect(bezels.rejected[0]?.failures).toHaveLength(1)
  })
})
