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

describe('computedTools', () => {
  it('says how to set the pins from notches and their shape', () => {
    // Six notches on 34.64: every second one, 30.00 apart, the third 25.98 from their line.
    expect(computedTools(sheet(), DIES, 30, []).pins).toBe(
      'flat pins as wide as the notch, two 30.00 apart, the third 25.98 from them',
    )
    expect(computedTools(sheet({ notchCircleMm: null }), DIES, 30, []).pins).toBe(
      'wrench with flat pins as wide as the notch',
    )
    expect(computedTools(sheet({ notchCount: null }), DIES, 30, []).pins).toBeNull()
  })

  it('finds the dies to press out with, and stays further off a chapter ring', () => {
    const [pusher, support] = computedTools(sheet(), DIES, 30, []).pushOut
    expect(pusher).toMatch(/^pusher P27.5 .*the largest that stays 0.5 clear/)
    expect(support).toMatch(/^support S31.5/)
    expect(computedTools(sheet({ chapterRing: 'loose' }), DIES, 30, []).pushOut[0]).toMatch(
      /^pusher P27 .*1.0 clear of the chapter ring/,
    )
    expect(computedTools(sheet(), [], 30, []).pushOut[0]).toMatch(/none in the drawer fits. A full face of/)
    expect(computedTools(sheet(), DIES, null, []).pushOut).toEqual([])
  })

  it('looks for a socket only where one grips', () => {
    expect(socketOf(sheet(), DIES)).toBeNull()
    const coin = sheet({ backKind: 'screw-coin-edge', backGripMm: 29.45 })
    expect(socketOf(coin, DIES)).toMatchObject({ ok: true })
    expect(computedTools(coin, DIES, 30, []).socket).toMatch(/knurled socket K29.5/)
    expect(socketOf(sheet({ backKind: 'screw-polygon', backGripMm: 29.45 }), DIES)).toBeNull()
    expect(
      socketOf(sheet({ backKind: 'screw-polygon', backGripMm: 29.45, backSides: 12 }), DIES),
    ).toMatchObject({ ok: false })
  })
})
