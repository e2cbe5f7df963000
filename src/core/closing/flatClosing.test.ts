import { stockGasket } from '../../../tests/factories/parts'
import type { Figure } from '../fit/CrystalSeat'
import { flatStressMPa } from '../seals/flatLoad'
import { FLAT_SEAL_POLICY } from '../seals/flatSealPolicy'
import { backClosing } from './backClosing'
import { flatClosing } from './ClosingLoad'
import { closingGasket } from './closingRing'
import { CLOSING_POLICY } from './closingPolicy'
import { closingLines } from './closingWords'

const THREAD = { outerMm: 32, pitchMm: 0.35 }
const figure = (valueMm: number): Figure => ({ valueMm, standardUncertaintyMm: 0.01, origin: 'measured' })
const GROOVE = { inner: figure(28), width: figure(1), gap: figure(0.4) }

describe('load of a flat rubber gasket', () => {
  const size = { widthMm: 0.8, thicknessMm: 0.5 }

  it('is Young’s modulus times strain while it is small and its faces slip', () => {
    const { low } = flatStressMPa(size, 1e-5, 5.5)
    expect(low / (5.5 * 1e-5)).toBeCloseTo(1, 4)
  })

  it('follows the published compression of held strips: 4/3·(1 + k·S²)', () => {
    // Gent and Lindley 1959: a long strip twice as wide as high, S = 1, k = .53 of hardness 70: 2.04 E.
    const { low, high } = flatStressMPa({ widthMm: 1, thicknessMm: 0.5 }, 1e-5, 5.5)
    expect(high / low).toBeCloseTo(2.04, 2)
  })

  it('grows faster than the squeeze, and refuses what no gasket is', () => {
    const at = (share: number) => flatStressMPa(size, share, 5.5).low
    expect(at(0.4)).toBeGreaterThan(2 * at(0.2))
    expect(at(0)).toBe(0)
    expect(() => flatStressMPa(size, 0.8, 5.5)).toThrow(/share/)
    expect(() => flatStressMPa({ ...size, widthMm: 0 }, 0.2, 5.5)).toThrow(/widthMm/)
  })
})

describe('a back on a flat gasket', () => {
  const closing = backClosing(
    flatClosing({ widthMm: 0.8, thicknessMm: 0.5 }, 0.2, 14.4),
    THREAD,
    CLOSING_POLICY,
  )

  it('has its angle from sizes alone, its load between two', () => {
    // .1 mm of travel on a pitch of .35.
    expect(closing.fromTouchDeg).toBeCloseTo((0.1 / 0.35) * 360, 9)
    expect(closing.ringLoadN.low).toBeLessThan(closing.ringLoadN.high)
    expect(closingLines(closing)[0]?.is).toMatch(/^\d+–\d+ N, by how far its faces slip$/)
  })

  it('gives no torque that would not hold at both ends of its load', () => {
    for (const state of ['greased', 'dry'] as const) {
      const band = closing.tightenNm[state]
      if (band) expect(band.low).toBeLessThan(band.high)
    }
    const sure = { ...CLOSING_POLICY, timesRing: { low: 1, high: 20 } }
    const wide = backClosing(flatClosing({ widthMm: 0.8, thicknessMm: 0.5 }, 0.2, 14.4), THREAD, sure)
    expect(wide.tightenNm.greased).not.toBeNull()
  })
})

describe('closingGasket', () => {
  const part = (over: object = {}) =>
    stockGasket({
      ...{ id: 7, code: 'F-296', use: 'back', material: 'nitrile', quantity: 2 },
      ...{ outerDiameterMm: 29.4, wallMm: 0.7, heightMm: 0.5, ...over },
    })
  const there = (over: object = {}) => ({
    parts: [part()],
    partsOut: [],
    own: null,
    item: undefined,
    ...over,
  })
  const closes = (over: object = {}) => closingGasket(GROOVE, there(over), FLAT_SEAL_POLICY)

  it('takes the one that is out, else its own as it was read', () => {
    expect(closes({ partsOut: [{ kind: 'gasket', partId: 7 }] })).toMatchObject({
      from: 'out',
      words: 'F-296, flat nitrile 28.0 inside, 0.50 thick',
      squeeze: expect.closeTo(0.2, 9) as number,
      failures: [],
    })
    expect(closes({ own: { innerMm: 28, heightMm: 0.42 } })).toMatchObject({ from: 'own' })
    expect(closes()).toBeNull()
  })

  it('tells no load of plastic, and what speaks against a wrong one', () => {
    const partsOut = [{ kind: 'gasket', partId: 7 }]
    expect(closes({ partsOut, parts: [part({ material: 'nylon', heightMm: 0.42 })] })?.load).toBeNull()
    expect(closes({ partsOut, parts: [part({ heightMm: 0.7 })] })?.failures[0]).toMatch(
      /^squeezed 43.%; wants/,
    )
  })
})
