import fc from 'fast-check'
import {
  acrylicSeatOf,
  cementSeatOf,
  figure,
  neckSeatOf,
  ringSeatOf,
} from '../../../tests/factories/crystalSeats'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessCandidate } from './assessCandidate'
import type { RingSeat } from '../construction/ring/ringSeat'
import type { CrystalSeat } from './CrystalSeat'
import { failureText } from './failureText'
import { FIT_POLICY } from './fitPolicy'
import { fitReasons } from './fitReasons'
import type { StockCrystal, StockGasket } from './parts'
import type { HandRoom, Underside } from './handClearance'
import { handStanding, magnifierPlaceMm, nearestPlace, undersideAtMm } from './handClearance'
import { roomUnderLoad } from './underLoad'

const LENS = { magnifier: 'inside', insideMagnifierMm: 0.4 } as const

function judged(crystal: StockCrystal, facts: CrystalSeat, gasket: StockGasket | null = null) {
  const candidate = assessCandidate(crystal, gasket, facts, FIT_POLICY)
  if (!candidate) throw new Error('not a part of this case')
  const hands = candidate.constraints.find(({ name }) => name === 'hands')?.probability
  return { candidate, hands, reasons: fitReasons(candidate, facts, NO_WISHES, FIT_POLICY).join(' ') }
}

const ROOM = { handReachMm: null, dateRadiusMm: null, handTips: [] }
/** How far a crystal reaches with its magnifier that far out. */
const reachMm = (crystal: Underside, dateRadiusMm: number) =>
  nearestPlace(crystal, { ...ROOM, dateRadiusMm }).reachMm

describe('nearestPlace', () => {
  it('is the rise of the underside, less what hangs under it', () => {
    const disc = { diameterMm: 30, undersideRiseMm: 0.6, insideMagnifierMm: null }
    expect(reachMm(disc, 9)).toBe(0.6)
    expect(reachMm({ ...disc, undersideRiseMm: 0, insideMagnifierMm: 0.5 }, 9)).toBe(-0.5)
  })

  it('takes room from the hands in every construction', () => {
    const hands = { handsBelowSeat: figure(0.52) }
    const ring = stockGasket()
    const builds: readonly (readonly [StockCrystal, CrystalSeat, StockGasket | null])[] = [
      [stockCrystal(), ringSeatOf(hands), ring],
      [
        stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.2 }),
        neckSeatOf(hands),
        stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 }),
      ],
      [stockCrystal({ build: 'snap', material: 'acrylic', diameterMm: 30.1 }), acrylicSeatOf(hands), null],
      [
        stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 }),
        cementSeatOf(hands),
        null,
      ],
    ]
    for (const [crystal, facts, gasket] of builds) {
      const [plain, lensed] = [crystal, { ...crystal, ...LENS }].map((one) => judged(one, facts, gasket))
      const clearance = (of: typeof plain) => of?.candidate.standing.handClearanceMm ?? NaN
      expect(clearance(lensed)).toBeCloseTo(clearance(plain) - 0.4, 12)
      expect(plain?.hands).toBeGreaterThan(0.99)
      expect(lensed?.hands).toBeLessThan(0.01)
    }
  })

  it('is told apart from the underside itself, and said when nobody knows it', () => {
    const { reasons, candidate } = judged(stockCrystal(LENS), ringSeatOf(), stockGasket())
    expect(reasons).toMatch(
      /0.12 from the hands to the magnifier, which hangs 0.40 under it. 0.52 from the hands to its underside/,
    )
    expect(failureText('hands', candidate, ringSeatOf(), FIT_POLICY)).toBe('0.12 to the hands; needs 0.25')
    const unknown = stockCrystal({ magnifier: 'inside' })
    expect(judged(unknown, ringSeatOf(), stockGasket()).reasons).toMatch(/nobody knows how far: measure it/)
  })
  it('hangs lower under a dome the further out the date stands', () => {
    // Sphere through a 30.0 edge and a 1.0 rise: R = (15² + 1²) / 2 = 113; at 9 from the axis the dome is
    // √(113² − 9²) − 112 = 0.6410 high.
    const dome = { diameterMm: 30, undersideRiseMm: 1, insideMagnifierMm: 0.5 }
    expect(undersideAtMm(dome, 9)).toBeCloseTo(0.641, 4)
    expect(reachMm(dome, 9)).toBeCloseTo(0.141, 4)
    expect(reachMm(dome, 0)).toBeCloseTo(0.5, 12)
    expect(reachMm(dome, 40)).toBeCloseTo(-0.5, 12)
  })

  it('never gains room by moving outward, nor by growing thicker', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.double({ min: 0.1, max: 3, noNaN: true }),
        (near, further, undersideRiseMm, insideMagnifierMm) => {
          const crystal = { diameterMm: 30, undersideRiseMm, insideMagnifierMm }
          const [inner, outer] = [Math.min(near, further), Math.max(near, further)]
          expect(reachMm(crystal, outer)).toBeLessThanOrEqual(reachMm(crystal, inner) + 1e-12)
          const thicker = { ...crystal, insideMagnifierMm: insideMagnifierMm + 0.1 }
          expect(reachMm(thicker, near)).toBeLessThan(reachMm(crystal, near))
        },
      ),
    )
  })

  it('is judged over the date, else at the tips of the hands, and says which', () => {
    const crystal = stockCrystal({ ...LENS, undersideRiseMm: 1, profile: 'double-dome' })
    const place = (over: Partial<RingSeat>) => judged(crystal, ringSeatOf(over), stockGasket())
    const [over, tips, nobody] = [
      place({ dateRadiusMm: 9, handReachMm: 13 }),
      place({ handReachMm: 13 }),
      place({}),
    ]
    expect(magnifierPlaceMm({ dateRadiusMm: 9, handReachMm: 13 })).toBe(9)
    expect(over.candidate.standing.handClearanceMm).toBeCloseTo(0.52 + 0.641 - 0.4, 4)
    expect(over.reasons).toMatch(/hangs 0.40 under it over the date, 9.00 from the middle\./)
    expect(tips.candidate.standing.handClearanceMm).toBeLessThan(
      over.candidate.standing.handClearanceMm ?? NaN,
    )
    expect(tips.hands).toBeLessThan(over.hands ?? NaN)
    expect(tips.reasons).toMatch(
      /13.00 from the middle, at the tips of the hands: put on the case sheet where/,
    )
    expect(nobody.reasons).toMatch(/in the middle: put on the case sheet where the date stands/)
  })

  it('judges a domed inside at the tip of every hand whose length is known, and names the least', () => {
    // Sphere through a 30.0 edge and a 1.0 rise: 0.641 high at 9 from the axis, 0.252 at 13.
    const crystal = stockCrystal({ undersideRiseMm: 1, profile: 'double-dome' })
    const handTips = [
      { hand: 'hour', reachMm: 9 },
      { hand: 'minute', reachMm: 13 },
    ] as const
    const { reasons, candidate } = judged(crystal, ringSeatOf({ handTips }), stockGasket())
    expect(candidate.standing).toMatchObject({
      handsAt: 'the minute hand’s tip',
      handClearanceMm: expect.closeTo(0.52 + 0.252, 2) as number,
    })
    expect(reasons).toMatch(/1.52 from the hands to its underside in the middle, 1.16 at the hour hand’s tip/)
    expect(reasons).toMatch(/0.77 at the minute hand’s tip/)
    const unknown = judged(crystal, ringSeatOf(), stockGasket())
    expect(unknown.candidate.standing).toMatchObject({ handsAt: 'the middle' })
    expect(unknown.reasons).toMatch(/note the hands’ lengths on the case sheet/)
  })

  it('loses room under pressure most in the middle, so that another place may be the least', () => {
    const crystal = stockCrystal({ undersideRiseMm: 0.2, profile: 'double-dome' })
    const room: HandRoom = {
      ...ROOM,
      handsBelowSeat: figure(0.52),
      handTips: [{ hand: 'minute', reachMm: 12 }],
    }
    const rest = handStanding(crystal, 0, room)
    expect(rest.handsAt).toBe('the minute hand’s tip')
    const loaded = roomUnderLoad(crystal, 0, room, 10)
    expect(loaded?.at).toBe('the middle')
    // 0.537 inward in the middle at 10 bar, by plate theory: see the outside check of the plate.
    expect(loaded?.clearanceMm).toBeCloseTo(0.72 - 0.537, 2)
    expect(roomUnderLoad(crystal, 0, { ...room, handsBelowSeat: null }, 10)).toBeNull()
  })

  it('counts the cement under a crystal, in the figure and in its chance alike', () => {
    const crystal = stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 })
    const facts = cementSeatOf({ handsBelowSeat: figure(0.25, 0.001) })
    const thick = { ...FIT_POLICY, cementUnderMm: 0.2 }
    const candidate = assessCandidate(crystal, null, facts, thick)
    expect(candidate?.standing.handClearanceMm).toBeCloseTo(0.45, 12)
    expect(handStanding(crystal, 0.2, facts).handClearanceMm).toBeCloseTo(0.45, 12)
    const odds = candidate?.constraints.find(({ name }) => name === 'hands')?.probability
    expect(odds).toBeGreaterThan(0.99)
  })
})
