import { BUILT_IN_POLICY } from '../policy/ShopPolicy'
import fc from 'fast-check'
import { figure } from '../../../tests/factories/crystalSeats'
import { caseSheet } from '../../../tests/factories/caseSheet'
import { stockGasket } from '../../../tests/factories/parts'
import { stockORing } from '../../../tests/factories/otherParts'
import { assessSeal } from './assessSeal'
import { oRingsForGroove, ringToOrder } from './backSeals'
import { oldRingView } from './oldRing'
import { FLAT_SEAL_POLICY } from './flatSealPolicy'
import { SEAL_POLICY } from './sealPolicy'
import { sectionLossAtStretch } from './oRingSection'
import { resealSet } from './resealSet'
import { staticSeal } from './staticSeal'

const GROOVE = { inner: figure(29.4, 0.01), width: figure(1.05, 0.01), gap: figure(0.6, 0.01) }
const RINGS = [
  stockORing({ id: 1, innerDiameterMm: 29, sectionMm: 0.8 }),
  stockORing({ id: 2, innerDiameterMm: 29, sectionMm: 0.7 }),
  stockORing({ id: 3, innerDiameterMm: 29, sectionMm: 0.9 }),
  stockORing({ id: 4, innerDiameterMm: 30, sectionMm: 0.8 }),
  stockORing({ id: 5, innerDiameterMm: 27, sectionMm: 0.8 }),
  stockORing({ id: 6, innerDiameterMm: 29, sectionMm: 0.8, quantity: 0 }),
]

describe('staticSeal', () => {
  it('squeezes less and fills less the more it is stretched', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.1, noNaN: true }), (more) => {
        const groove = { innerMm: 29.4, widthMm: 1.05, gapMm: 0.6 }
        const at = (stretch: number) =>
          staticSeal({ innerDiameterMm: 29.4 / (1 + stretch), sectionMm: 0.8 }, groove)
        expect(at(more).squeeze).toBeLessThanOrEqual(at(more / 2).squeeze + 1e-12)
        expect(at(more).fill).toBeLessThanOrEqual(at(more / 2).fill + 1e-12)
      }),
    )
  })

  it('does not change with the unit', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 10, noNaN: true }), (k) => {
        const one = staticSeal(
          { innerDiameterMm: 29, sectionMm: 0.8 },
          { innerMm: 29.4, widthMm: 1.05, gapMm: 0.6 },
        )
        const scaled = staticSeal(
          { innerDiameterMm: 29 * k, sectionMm: 0.8 * k },
          { innerMm: 29.4 * k, widthMm: 1.05 * k, gapMm: 0.6 * k },
        )
        expect(scaled.squeeze).toBeCloseTo(one.squeeze, 9)
        expect(scaled.fill).toBeCloseTo(one.fill, 9)
        expect(scaled.loadPerMm).toBeCloseTo(one.loadPerMm * k, 9)
      }),
    )
  })

  it('refuses what is no size, and a stretch nobody measured', () => {
    expect(() =>
      staticSeal({ innerDiameterMm: 0, sectionMm: 1 }, { innerMm: 1, widthMm: 1, gapMm: 1 }),
    ).toThrow(/innerDiameterMm/)
    expect(() => sectionLossAtStretch(0.3)).toThrow(/at most 25 %/)
  })
})

describe('assessSeal', () => {
  it('says against what a ring fails', () => {
    expect(assessSeal({ innerDiameterMm: 29, sectionMm: 0.58 }, GROOVE, SEAL_POLICY).failures[0]).toMatch(
      /not squeezed at all/,
    )
    expect(assessSeal({ innerDiameterMm: 30, sectionMm: 0.8 }, GROOVE, SEAL_POLICY).failures).toContainEqual(
      expect.stringMatching(/2.0\u00A0% larger than the wall.*buckles/),
    )
    expect(assessSeal({ innerDiameterMm: 27, sectionMm: 0.8 }, GROOVE, SEAL_POLICY).failures).toContainEqual(
      expect.stringMatching(/stretched 8.9\u00A0%; at most 5\u00A0%/),
    )
    const narrow = { ...GROOVE, width: figure(0.85, 0.01) }
    expect(assessSeal({ innerDiameterMm: 29, sectionMm: 0.8 }, narrow, SEAL_POLICY).failures[0]).toMatch(
      /fills 9\d\u00A0% of its groove/,
    )
  })
})

describe('oRingsForGroove', () => {
  it('takes what seals and is there', () => {
    const found = oRingsForGroove(RINGS, GROOVE, SEAL_POLICY)
    expect(found.map(({ part }) => part.id)).toEqual([1])
    expect(found[0]?.reason).toMatch(
      /squeezed 24\u00A0%, stretched 1.4\u00A0%, fills 7\d\u00A0% of its groove; closes with about/,
    )
  })

  it('puts what is nearest the original first, if it seals: the old one tells what it was', () => {
    const two = [28.5, 29].map((innerDiameterMm, i) =>
      stockORing({ id: i + 1, innerDiameterMm, sectionMm: 0.8 }),
    )
    const ids = (innerMm: number | null) =>
      oRingsForGroove(two, GROOVE, SEAL_POLICY, { innerMm, sectionMm: null }).map(({ part }) => part.id)
    expect(ids(29.1)).toEqual([2, 1])
    expect(ids(28.4)).toEqual([1, 2])
    // Of two alike the one that was there first, however the drawers list them.
    const alike = [7, 3].map((id) => stockORing({ id, innerDiameterMm: 29, sectionMm: 0.8 }))
    expect(oRingsForGroove(alike, GROOVE, SEAL_POLICY).map(({ part }) => part.id)).toEqual([3, 7])
    // What does not seal is not put first for being like the old one.
    expect(
      oRingsForGroove(RINGS, GROOVE, SEAL_POLICY, { innerMm: 30, sectionMm: 0.9 }).map(({ part }) => part.id),
    ).toEqual([1])
  })

  it('names a ring to order, from the standard or in watch sizes', () => {
    const order = ringToOrder(GROOVE, SEAL_POLICY)
    expect(order?.name).toMatch(/^28\.5 × 0\.(75|80)$|^29\.0 × 0\.(75|80)$/)
    const wide = { inner: figure(22.2), width: figure(2.4), gap: figure(1.38) }
    expect(ringToOrder(wide, SEAL_POLICY)?.name).toBe('-020')
    expect(ringToOrder({ inner: figure(22), width: figure(0.2), gap: figure(3) }, SEAL_POLICY)).toBeNull()
  })
})

describe('oldRingView', () => {
  it('sees a ring that has grown and one that has taken a set, and says what it was', () => {
    const grown = { innerMm: 29.5, sectionMm: 0.63, sectionSpreadMm: 0.01, grooveInnerMm: 29.4, gapMm: 0.6 }
    const old = oldRingView(grown, SEAL_POLICY.oldRing)
    expect(old.likelyInnerMm).toBeCloseTo(29.4 / 1.015, 9)
    expect(old.likelySectionMm).toBeCloseTo(0.6 / 0.78, 9)
    expect(old.sentences.join(' ')).toMatch(/it has grown in use.*taken a set and reads thin/)
  })

  it('trusts a ring that still stands free, and warns where there is no groove to compare with', () => {
    const sound = { innerMm: 29, sectionMm: 0.8, sectionSpreadMm: 0.01, grooveInnerMm: 29.4, gapMm: 0.6 }
    expect(oldRingView(sound, SEAL_POLICY.oldRing)).toMatchObject({
      likelyInnerMm: 29,
      likelySectionMm: 0.8,
      sentences: [],
    })
    expect(oldRingView({ ...sound, gapMm: null }, SEAL_POLICY.oldRing).sentences[0]).toMatch(
      /Without the groove nobody can tell/,
    )
    expect(oldRingView({ ...sound, sectionSpreadMm: 0.1 }, SEAL_POLICY.oldRing).sentences[0]).toMatch(
      /flattened in places/,
    )
  })

  it('tells a set ring by the shop’s own limits', () => {
    const ring = { innerMm: 29, sectionMm: 0.7, sectionSpreadMm: 0, grooveInnerMm: 29.6, gapMm: 0.6 }
    expect(oldRingView(ring, SEAL_POLICY.oldRing).likelySectionMm).toBe(0.7)
    const own = { ...SEAL_POLICY.oldRing, setWithin: 0.2, usualSqueeze: 0.25 }
    expect(oldRingView(ring, own).likelySectionMm).toBeCloseTo(0.6 / 0.75, 9)
  })
})

describe('resealSet', () => {
  const stock = {
    oRings: RINGS,
    gaskets: [stockGasket({ id: 9, use: 'back', outerDiameterMm: 30, wallMm: 1, heightMm: 0.5 })],
  }
  const groove = { backGrooveInnerMm: 29.4, backGrooveWidthMm: 1.05, backGrooveDepthMm: 0.6 }

  it('lists every seal of the case with what serves it', () => {
    const set = resealSet(
      {},
      caseSheet({ ...groove, crownTubeMm: 2, crownBoreMm: 3 }),
      {
        ...stock,
        oRings: [...RINGS, stockORing({ id: 20, innerDiameterMm: 1.95, sectionMm: 0.65 })],
      },
      BUILT_IN_POLICY,
    )
    expect(set.map(({ id }) => id)).toEqual(['back', 'crown'])
    expect(set[0]?.choices[0]).toMatchObject({ partId: 1, words: '29.00 × 0.80 nitrile' })
    expect(set[1]?.choices[0]).toMatchObject({ partId: 20 })
  })

  it('has both rings of a two-part back, each by its own groove, nearest its old ring first', () => {
    const disc = { discGrooveInnerMm: 24.2, discGrooveWidthMm: 0.8, discGrooveDepthMm: 0.45 }
    const oRings = [
      ...RINGS,
      ...[24.1, 24].map((innerDiameterMm, i) => stockORing({ id: 30 + i, innerDiameterMm, sectionMm: 0.6 })),
    ]
    const sheet = caseSheet({
      ...{ ...groove, ...disc, twoPartBack: true, discRingInnerMm: 24, discRingSectionMm: 0.6 },
    })
    const set = resealSet({}, sheet, { ...stock, oRings }, BUILT_IN_POLICY)
    expect(set.map(({ id }) => id)).toEqual(['back', 'disc', 'crown'])
    expect(set[0]?.choices[0]).toMatchObject({ partId: 1 })
    expect(set[1]?.choices[0]).toMatchObject({ partId: 31 })
    const unread = resealSet({}, caseSheet({ twoPartBack: true }), stock, BUILT_IN_POLICY)
    expect(unread[1]?.measure).toContain('disc-groove-depth')
  })

  it('goes by the old ring and says what to measure where the groove is unknown', () => {
    const set = resealSet(
      {},
      caseSheet({ backRingInnerMm: 29.1, backRingSectionMm: 0.78 }),
      stock,
      BUILT_IN_POLICY,
    )
    expect(set[0]?.choices[0]).toMatchObject({ partId: 1 })
    expect(set[0]?.measure).toEqual(['back-groove-inner', 'back-groove-width', 'back-groove-depth'])
    expect(set[1]?.measure).toEqual(['crown-tube', 'crown-bore'])
  })

  it('takes a part for like the old one by the shop’s own limits', () => {
    const ring = caseSheet({ backRingInnerMm: 29.1, backRingSectionMm: 0.78 })
    const close = { ...SEAL_POLICY, likeOld: { inner: 0.03, sectionMm: 0.01 } }
    expect(resealSet({}, ring, stock, { seal: close, flat: FLAT_SEAL_POLICY })[0]?.choices).toEqual([])
    const flat = caseSheet({ backSeal: 'flat-gasket', backRingInnerMm: 28.1, backRingSectionMm: 0.47 })
    const thin = { ...FLAT_SEAL_POLICY, likeOld: { innerMm: 0.3, thicknessMm: 0.02 } }
    expect(resealSet({}, flat, stock, { seal: SEAL_POLICY, flat: thin })[0]?.choices).toEqual([])
  })

  it('matches a flat gasket by its inside and thickness, and leaves out a crown that is not there', () => {
    const sheet = caseSheet({
      backSeal: 'flat-gasket',
      crownKind: 'none',
      backRingInnerMm: 28.1,
      backRingSectionMm: 0.47,
    })
    const set = resealSet({}, sheet, stock, BUILT_IN_POLICY)
    expect(set).toHaveLength(1)
    expect(set[0]?.choices[0]).toMatchObject({ kind: 'gasket', partId: 9 })
    expect(resealSet({}, { ...sheet, backRingInnerMm: 20 }, stock, BUILT_IN_POLICY)[0]?.order).toMatch(
      /flat gasket 20.0 inside/,
    )
  })

  it('says by what room a crown’s ring is judged, read or assumed', () => {
    const rings = { ...stock, oRings: [stockORing({ id: 20, innerDiameterMm: 1.95, sectionMm: 0.65 })] }
    const crown = (over: object) =>
      resealSet(
        {},
        caseSheet({ ...groove, crownTubeMm: 2, crownBoreMm: 3, ...over }),
        rings,
        BUILT_IN_POLICY,
      )[1]
    expect(crown({})?.notes.join(' ')).toMatch(/told for 1.00 of room along the tube, which is assumed/)
    expect(crown({ crownRoomMm: 1.1 })?.notes).toHaveLength(1)
    // A ring that has no room along the tube is crushed, however well it is squeezed.
    expect(crown({ crownRoomMm: 0.6 })?.choices).toEqual([])
  })

  it('orders a crown’s ring where no ring of the drawers serves, and only there', () => {
    const crown = (oRings: typeof RINGS) =>
      resealSet(
        {},
        caseSheet({ ...groove, crownTubeMm: 2.05, crownBoreMm: 3.15 }),
        { ...stock, oRings },
        BUILT_IN_POLICY,
      )[1]
    expect(crown([])?.order).toMatch(/^2\.0 × 0\.75: squeezed/)
    expect(crown([stockORing({ id: 20, innerDiameterMm: 2, sectionMm: 0.75 })])?.order).toBeNull()
  })

  it('sizes the seals of pushers like a crown’s, where there are pushers', () => {
    const pushers = (over: object, oRings = RINGS) =>
      resealSet({}, caseSheet({ ...groove, ...over }), { ...stock, oRings }, BUILT_IN_POLICY).find(
        ({ id }) => id === 'pusher',
      )
    expect(pushers({ pusherHours: '' })).toBeUndefined()
    expect(pushers({ pusherHours: '2,4' })?.measure).toEqual(['pusher-post', 'pusher-bore'])
    const read = { pusherHours: '2,4', pusherPostMm: 2.05, pusherBoreMm: 3.15, pusherRoomMm: 1.2 }
    // A gap of .55: a section of .75 is squeezed 26 %.
    const ring = stockORing({ id: 31, innerDiameterMm: 2, sectionMm: 0.75 })
    expect(pushers(read, [ring])?.choices.map(({ partId }) => partId)).toEqual([31])
    expect(pushers(read, [])?.order).toMatch(/^2\.0 × 0\.75: squeezed/)
    expect(pushers({ ...read, pusherBoreMm: 2.1 })?.notes.join(' ')).toMatch(/Post and bore leave no room/)
  })

  it('does not divide by a gap that is none', () => {
    const set = resealSet(
      {},
      caseSheet({ ...groove, crownTubeMm: 3, crownBoreMm: 3 }),
      stock,
      BUILT_IN_POLICY,
    )
    expect(set[1]?.notes.join(' ')).toMatch(/leave no room for a ring: measure both again/)
  })
})
