import { acrylicFacts, cementFacts, figure, neckFacts } from '../../../tests/factories/caseFacts'
import { caseFacts, NO_WISHES, stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessCandidate } from './assessCandidate'
import type { CaseFacts } from './CaseFacts'
import { failureText } from './failureText'
import { FIT_POLICY } from './fitPolicy'
import { fitReasons } from './fitReasons'
import type { StockCrystal, StockGasket } from './parts'
import { undersideReachMm } from './undersideReach'

const LENS = { magnifier: 'inside', insideMagnifierMm: 0.4 } as const

function judged(crystal: StockCrystal, facts: CaseFacts, gasket: StockGasket | null = null) {
  const candidate = assessCandidate(crystal, gasket, facts, FIT_POLICY)
  if (!candidate) throw new Error('not a part of this case')
  const hands = candidate.constraints.find(({ name }) => name === 'hands')?.probability
  return { candidate, hands, reasons: fitReasons(candidate, facts, NO_WISHES).join(' ') }
}

describe('undersideReachMm', () => {
  it('is the rise of the underside, less what hangs under it', () => {
    expect(undersideReachMm({ undersideRiseMm: 0.6, insideMagnifierMm: null })).toBe(0.6)
    expect(undersideReachMm({ undersideRiseMm: 0, insideMagnifierMm: 0.5 })).toBe(-0.5)
  })

  it('takes room from the hands in every construction', () => {
    const hands = { handsBelowSeat: figure(0.52) }
    const ring = stockGasket()
    const builds: readonly (readonly [StockCrystal, CaseFacts, StockGasket | null])[] = [
      [stockCrystal(), caseFacts(hands), ring],
      [
        stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.2 }),
        neckFacts(hands),
        stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 }),
      ],
      [stockCrystal({ build: 'snap', material: 'acrylic', diameterMm: 30.1 }), acrylicFacts(hands), null],
      [
        stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 }),
        cementFacts(hands),
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
    const { reasons, candidate } = judged(stockCrystal(LENS), caseFacts(), stockGasket())
    expect(reasons).toMatch(
      /0.12 from the hands to the magnifier, which hangs 0.40 under it. 0.52 from the hands to its underside/,
    )
    expect(failureText('hands', candidate, caseFacts(), FIT_POLICY)).toBe('0.12 to the hands; needs 0.25')
    const unknown = stockCrystal({ magnifier: 'inside' })
    expect(judged(unknown, caseFacts(), stockGasket()).reasons).toMatch(/nobody knows how far: measure it/)
  })
})
