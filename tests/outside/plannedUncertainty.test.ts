import { acrylicSeatOf, cementSeatOf, figure, neckSeatOf, ringSeatOf } from '../factories/crystalSeats'
import { stockCrystal, stockGasket } from '../factories/parts'
import { assessCandidate } from '@/core/fit/assessCandidate'
import type { CrystalSeat } from '@/core/fit/CrystalSeat'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import type { StockCrystal, StockGasket } from '@/core/fit/parts'
import { plannedUncertainty } from '@/core/fit/plannedUncertainty'
import { seededRandom } from '@/devices/seededRandom'
import { squeezeBetween } from '@/core/fit/squeezeBetween'

const DRAWS = 20_000
/** Standard deviation of a standard deviation from so many draws, times four, relative. */
const OWN_ERROR = 4 / Math.sqrt(2 * DRAWS)
/** What the first-order law of propagation leaves out is smaller than this, relative. */
const SECOND_ORDER = 0.02

function planned(crystal: StockCrystal, gasket: StockGasket | null, facts: CrystalSeat) {
  const candidate = assessCandidate(crystal, gasket, facts, FIT_POLICY)
  if (!candidate) throw new Error('not a part of this case')
  return plannedUncertainty(candidate, facts, FIT_POLICY)
}

/** Sample standard deviation (n − 1) of what comes out when every input is drawn anew. */
function spread(draw: (normal: (mean: number, sigma: number) => number) => number): number {
  const random = seededRandom(7)
  const values = Array.from({ length: DRAWS }, () => draw((mean, sigma) => mean + random.normal(sigma)))
  const mean = values.reduce((sum, v) => sum + v, 0) / DRAWS
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (DRAWS - 1))
}

/** GUM’s law of propagation against its own definition: JCGM 101:2008, propagation by drawing. */
describe('plannedUncertainty', () => {
  const close = (found: number | null | undefined, drawn: number) => {
    expect(Math.abs((found ?? NaN) / drawn - 1)).toBeLessThan(OWN_ERROR + SECOND_ORDER)
  }
  const {
    crystalDiameterUncertaintyMm: uD,
    gasketWallUncertaintyMm: uw,
    thicknessUncertaintyMm: ut,
  } = FIT_POLICY

  it('is what a squeeze, a rim and the room to the hands scatter by when everything is drawn', () => {
    const found = planned(stockCrystal(), stockGasket(), ringSeatOf())
    close(
      found?.hold,
      spread((n) => {
        const wall = n(0.5, uw)
        return (n(30, uD) + 2 * wall - n(30.95, 0.02)) / (2 * wall)
      }),
    )
    close(
      found?.standMm,
      spread((n) => n(1, ut) - n(1.05, 0.02)),
    )
    close(
      found?.handsMm,
      spread((n) => n(0.52, 0.02) + n(0, ut)),
    )
  })

  it('is what the ring over a neck scatters by', () => {
    const facts = neckSeatOf()
    const gasket = stockGasket({ outerDiameterMm: 30.5, wallMm: 0.4 })
    const found = planned(stockCrystal({ diameterMm: 29.8, edgeThicknessMm: 1.2 }), gasket, facts)
    close(
      found?.hold,
      spread((n) => {
        const exact = (valueMm: number) => ({ valueMm, standardUncertaintyMm: 0 })
        const drawn = { inner: exact(n(29.8, uD)), outer: exact(n(30.52, 0.02)), wall: exact(n(0.4, uw)) }
        return squeezeBetween(drawn).squeeze
      }),
    )
    close(
      found?.standMm,
      spread((n) => n(1.2, ut) - n(1.2, 0.02)),
    )
    expect(found?.handsMm).toBeNull()
  })

  it('is what oversize and height of an acrylic scatter by', () => {
    const snap = stockCrystal({ build: 'snap', diameterMm: 30.1, material: 'acrylic', undersideRiseMm: 1.5 })
    const found = planned(snap, null, acrylicSeatOf())
    close(
      found?.hold,
      spread((n) => n(30.1, uD) - n(29.95, 0.02)),
    )
    close(
      found?.standMm,
      spread((n) => n(2.5, ut) - n(2.5, 0.02)),
    )
    expect(planned(snap, null, acrylicSeatOf({ domeHeight: null }))?.standMm).toBeNull()
  })

  it('is what half the gap of a cemented crystal scatters by', () => {
    const shaped = stockCrystal({ build: 'shaped', diameterMm: 24, widthMm: 20, cornerRadiusMm: 2 })
    const facts = cementSeatOf({ handsBelowSeat: figure(0.4, 0.06) })
    const found = planned(shaped, null, facts)
    close(
      found?.hold,
      spread((n) => (n(24.12, 0.02) - n(24, uD)) / 2),
    )
    close(
      found?.handsMm,
      spread((n) => n(0.4, 0.06) + n(0, ut)),
    )
  })
})
