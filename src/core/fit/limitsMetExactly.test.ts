import fc from 'fast-check'
import {
  acrylicSeatOf,
  cementSeatOf,
  figure,
  neckSeatOf,
  ringSeatOf,
} from '../../../tests/factories/crystalSeats'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { assessAcrylic } from '../construction/acrylic/assessAcrylic'
import { assessCemented } from '../construction/cement/assessCemented'
import { assessNeck } from '../construction/neck/assessNeck'
import { assessPair } from '../construction/ring/assessPair'
import { failureText } from './failureText'
import { FIT_POLICY } from './fitPolicy'
import { rimWord } from './rimWord'

const { cementGap, interferenceBands, gasketToBoreMm, ringHeightMm, flushMm } = FIT_POLICY

// Sizes are read to the hundredth, and so are the limits: whatever the size, the last bit of a difference decides nothing.
const hundredths = (from: number, to: number) =>
  fc.integer({ min: Math.round(from * 100), max: Math.round(to * 100) }).map((n) => n / 100)

describe('a limit that is met exactly is met', () => {
  it('by the cement’s gap on both sides of its band', () => {
    fc.assert(
      fc.property(
        hundredths(20, 35),
        fc.constantFrom(cementGap.lowMm, cementGap.highMm),
        (lengthMm, gapMm) => {
          const seat = cementSeatOf({ length: figure(lengthMm), width: figure(lengthMm - 4) })
          const crystal = stockCrystal({
            build: 'shaped',
            diameterMm: lengthMm - 2 * gapMm,
            widthMm: lengthMm - 4 - 2 * gapMm,
            cornerRadiusMm: 3,
          })
          const candidate = assessCemented(crystal, seat, FIT_POLICY)
          expect(candidate.hold.state).toBe('good')
          for (const name of ['gap-along', 'gap-across'])
            expect(failureText(name, candidate, seat, FIT_POLICY)).toMatch(/too uncertain/)
        },
      ),
    )
  })

  it('by the room between neck and bezel for a ring that reaches down there', () => {
    const most = FIT_POLICY.neckSqueezeBands.nylon.high
    fc.assert(
      fc.property(hundredths(26, 36), fc.constantFrom(0.3, 0.35, 0.4, 0.5), (neckMm, wallMm) => {
        const seat = neckSeatOf({
          neckOuter: figure(neckMm),
          bezelInner: figure(neckMm + 2 * wallMm * (1 - most)),
        })
        const fits = (wall: number) => {
          const ring = stockGasket({ wallMm: wall, material: 'nylon' })
          const { constraints } = assessNeck(stockCrystal({ diameterMm: neckMm }), ring, seat, FIT_POLICY)
          return constraints.find(({ name }) => name === 'neck-room')?.probability
        }
        expect([fits(wallMm), fits(wallMm + 0.01)]).toEqual([1, 0])
      }),
    )
  })

  it('by the interference of a crystal in its ring', () => {
    const { lowMm, highMm } = interferenceBands.nylon
    fc.assert(
      fc.property(hundredths(26, 36), fc.constantFrom(lowMm, highMm), (boreMm, byMm) => {
        const seat = ringSeatOf({ bore: figure(boreMm) })
        const ring = stockGasket({ wallMm: 0.5, material: 'nylon' })
        const pair = assessPair(stockCrystal({ diameterMm: boreMm + byMm - 1 }), ring, seat, FIT_POLICY)
        expect(failureText('interference', pair, seat, FIT_POLICY)).toMatch(/too uncertain/)
      }),
    )
  })

  it('by a ring’s outside against its bore', () => {
    fc.assert(
      fc.property(hundredths(26, 36), (boreMm) => {
        const seat = ringSeatOf({ bore: figure(boreMm) })
        const ring = stockGasket({ outerDiameterMm: boreMm - gasketToBoreMm })
        const pair = assessPair(stockCrystal({ diameterMm: boreMm - 0.95 }), ring, seat, FIT_POLICY)
        expect(pair.constraints.find(({ name }) => name === 'gasket-bore')?.probability).toBe(1)
      }),
    )
  })

  it('by a metal ring’s height, and by a rim that is flush', () => {
    fc.assert(
      fc.property(hundredths(0.8, 4), (oldMm) => {
        const seat = acrylicSeatOf({ in: 'bore', opening: figure(31.4), ringHeight: figure(oldMm) })
        const ringed = stockCrystal({
          build: 'tension-ring',
          diameterMm: 31.5,
          ringHeightMm: oldMm + ringHeightMm,
        })
        const candidate = assessAcrylic(ringed, seat, FIT_POLICY)
        expect(candidate.constraints.find(({ name }) => name === 'ring-height')?.probability).toBe(1)
        expect(rimWord(oldMm + flushMm - oldMm, FIT_POLICY)).toBe('flush')
      }),
    )
  })
})
