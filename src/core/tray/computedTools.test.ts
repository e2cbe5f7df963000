import { caseSheet } from '../../../tests/factories/caseSheet'
import { die } from '../../../tests/factories/parts'
import { computedTools, socketOf } from './computedTools'

const sheet = (over: object = {}) => ({
  ...caseSheet(),
  backKind: 'screw-notched' as const,
  notchCount: 6,
  notchShape: 'square' as const,
  notchCircleMm: 34.64,
  backGripMm: null,
  backSides: null,
  chapterRing: 'none' as const,
  ...over,
})
const DIES = [
  die({ id: 1, code: 'P27', outerDiameterMm: 27 }),
  die({ id: 2, code: 'P27.5', outerDiameterMm: 27.5 }),
  die({ id: 3, role: 'support', code: 'S31.5', openingMm: 31.5, outerDiameterMm: 36, recessDepthMm: 7 }),
  die({ id: 4, role: 'socket', code: 'K29.5', openingMm: 29.5, outerDiameterMm: 36 }),
]

const CRYSTAL = { valueMm: 30, standardUncertaintyMm: 0.02, origin: 'sheet' } as const
const ON_THE_WAY = {
  crystal: CRYSTAL,
  edgeMm: 1.2,
  centreMm: 1.2,
  chapterRing: null,
  chapterRingHeightMm: null,
  insertOuter: null,
  insertInner: null,
  bezelOuter: null,
  picked: null,
}

describe('computedTools', () => {
  it('says how to set the pins from notches and their shape', () => {
    // Six notches on 34.64: every second one, 30.00 apart, the third 25.98 from their line.
    expect(computedTools(sheet(), DIES, ON_THE_WAY, []).pins).toBe(
      'flat pins as wide as the notch, two 30.00 apart, the third 25.98 from them',
    )
    expect(computedTools(sheet({ notchCircleMm: null }), DIES, ON_THE_WAY, []).pins).toBe(
      'wrench with flat pins as wide as the notch',
    )
    expect(computedTools(sheet({ notchCount: null }), DIES, ON_THE_WAY, []).pins).toBeNull()
  })

  it('finds the dies to press out with, and stays further off a chapter ring', () => {
    const [pusher, support] = computedTools(sheet(), DIES, ON_THE_WAY, []).pushOut
    expect(pusher).toMatch(/^pusher P27.5 .*the largest that stays 0.5 clear/)
    expect(support).toMatch(/^support S31.5.*\(crystal from the case sheet\)$/)
    expect(computedTools(sheet({ chapterRing: 'loose' }), DIES, ON_THE_WAY, []).pushOut[0]).toMatch(
      /^pusher P27 .*1.0 clear of the chapter ring/,
    )
    expect(computedTools(sheet(), [], ON_THE_WAY, []).pushOut[0]).toMatch(
      /none in the drawer fits. A full face of/,
    )
  })

  it('says what a die has to clear, and what to read for it, while that is not known', () => {
    const known = { ...ON_THE_WAY, crystal: null }
    const [pusher, support] = computedTools(sheet(), DIES, known, []).pushOut
    expect(pusher).toMatch(/^pusher P27.5 /)
    expect(support).toBe(
      'support outside the crystal, 0.5 wider than it: read its top edge and add both bevels',
    )
    const nothing = computedTools(sheet({ chapterRing: 'keyed', dialOpeningMm: null }), DIES, known, [])
    expect(nothing.pushOut[0]).toBe('pusher inside, 1.0 clear of the chapter ring: read its inside')
  })

  it('lets a crystal fall as deep as it is domed by its own readings', () => {
    const shallow = die({
      id: 5,
      role: 'support',
      code: 'S31',
      openingMm: 31,
      outerDiameterMm: 36,
      recessDepthMm: 2.5,
    })
    const support = (centreMm: number) =>
      computedTools(sheet({ caseDiameterMm: null }), [shallow, ...DIES], { ...ON_THE_WAY, centreMm }, [])
        .pushOut[1]
    expect(support(1.2)).toMatch(/^support S31 .*\(crystal from the case sheet, case diameter assumed\)$/)
    expect(support(2.2)).toMatch(/^support S31.5 /)
  })

  it('goes by the narrowest thing that was read: 27.00 inside a chapter ring takes 26.0 at most', () => {
    const dies = [25, 26, 26.5, 27].map((outerDiameterMm, id) =>
      die({ id, code: `P${outerDiameterMm}`, outerDiameterMm }),
    )
    const ring = { valueMm: 27, standardUncertaintyMm: 0.02 }
    const pusher = (origin: 'measured' | 'sheet', over: object = {}) =>
      computedTools(
        sheet({ chapterRing: 'loose', dialOpeningMm: 28.5, ...over }),
        dies,
        { ...ON_THE_WAY, chapterRing: { ...ring, origin } },
        [],
      ).pushOut[0]
    expect(pusher('measured')).toMatch(
      /^pusher P26 .*26.0 through 27.0 \(chapter ring, read here\): the largest that stays 1.0 clear/,
    )
    expect(pusher('sheet')).toMatch(/chapter ring, from the case sheet/)
    expect(pusher('measured', { dialOpeningMm: null })).toMatch(/^pusher P26 /)
    expect(pusher('measured', { dialOpeningMm: 26.2 })).toMatch(
      /^pusher P25 .*26.2 \(dial opening, from the case sheet\)/,
    )
    expect(pusher('measured', { chapterRing: 'none' })).toMatch(/^pusher P27 /)
  })

  it('says with what a snap back goes on, and what to read first', () => {
    const dies = [die({ id: 1, code: 'P34', outerDiameterMm: 34 }), ...DIES]
    const back = (over: object, known: object = {}) =>
      computedTools(sheet({ caseDiameterMm: 38, ...over }), dies, { ...ON_THE_WAY, ...known }, []).snapBack
    const [pusher, support] = back({ backKind: 'snap', backGripMm: 35.6 })
    expect(pusher).toMatch(/^pusher P34 .*1.6 under the 35.6 back, so it bears on its rim, P27.5 and smaller/)
    expect(support).toMatch(/^support S31.5 .*clears the 30.0 crystal, so it bears on the case/)
    expect(back({ backKind: 'snap' }, { crystal: null })).toEqual([
      'pusher on the rim of the back: read the back across, then write it on the sheet',
      'support under the case, 1.0 wider than the crystal: a small one breaks it',
    ])
    expect(back({ backKind: 'snap' }, { picked: { diameterMm: 31.2, topRiseMm: 0 } })[1]).toMatch(
      /none in the drawer fits/,
    )
    expect(back({ backGripMm: 35.6 })).toEqual([])
  })

  it('says with what a bezel is pressed on, and which one to turn where none serves', () => {
    const hollow = (over: object) => die({ outerDiameterMm: 34, openingMm: 30.6, recessDepthMm: 0, ...over })
    const on = (dies: readonly ReturnType<typeof die>[], over: object = {}, known: object = {}) =>
      computedTools(
        sheet({ bezelKind: 'fixed-friction', bezelOuterMm: 34, caseDiameterMm: 38, ...over }),
        dies,
        { ...ON_THE_WAY, ...known },
        [],
      ).bezelOn
    const outer = { valueMm: 34, standardUncertaintyMm: 0.02, origin: 'measured' }
    expect(on([hollow({ code: 'R30.6' }), ...DIES], {}, { bezelOuter: outer })).toEqual([
      expect.stringMatching(
        /^pusher R30.6 .*30.6 clears the 30.0 crystal, so it bears on the bezel only.* \(crystal from the case sheet, bezel outside read here\)$/,
      ),
    ])
    // 30.0 and half a millimetre of play inside; 34 less two lands of 0.4 at most.
    expect(on(DIES)[0]).toMatch(
      /^pusher: none in the drawer fits. A ring with an opening of 30.5–33.2 would do.*bezel outside assumed\)$/,
    )
    // What was picked lies under it by then, whatever came in.
    const picked = { diameterMm: 30.4, topRiseMm: 0 }
    expect(on([hollow({})], {}, { picked })[0]).toMatch(
      /none in the drawer fits. A ring with an opening of 30.9–33.2.*crystal as picked/,
    )
    // A dome wants room in it.
    expect(on([hollow({})], {}, { centreMm: 2.2 })[0]).toMatch(/none in the drawer fits.*at least 1.3 deep/)
    expect(on(DIES, {}, { crystal: null })).toEqual([
      'pusher on the bezel only, 0.5 wider inside than the crystal: read the crystal across',
    ])
    expect(on(DIES, { bezelKind: 'none' })).toEqual([])
    expect(on(DIES, { bezelKind: 'screwed' })).toEqual([])
  })

  it('looks for a socket only where one grips', () => {
    expect(socketOf(sheet(), DIES)).toBeNull()
    const coin = sheet({ backKind: 'screw-coin-edge', backGripMm: 29.45 })
    expect(socketOf(coin, DIES)).toMatchObject({ ok: true })
    expect(computedTools(coin, DIES, ON_THE_WAY, []).socket).toMatch(/knurled socket K29.5/)
    expect(socketOf(sheet({ backKind: 'screw-polygon', backGripMm: 29.45 }), DIES)).toBeNull()
    expect(
      socketOf(sheet({ backKind: 'screw-polygon', backGripMm: 29.45, backSides: 12 }), DIES),
    ).toMatchObject({ ok: false })
  })
})
