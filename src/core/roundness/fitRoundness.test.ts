import fc from 'fast-check'
import { fitRoundness } from './fitRoundness'

describe('fitRoundness', () => {
  it('gives back the oval its readings were made from', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 45, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        fc.double({ min: 0, max: 179, noNaN: true }),
        (meanMm, ovalityMm, axisDeg) => {
          const readings = [0, 45, 90, 135].map((directionDeg) => ({
            directionDeg,
            diameterMm: meanMm + (ovalityMm / 2) * Math.cos((2 * (directionDeg - axisDeg) * Math.PI) / 180),
          }))
          const outcome = fitRoundness(readings)
          if (!outcome.ok) throw new Error(outcome.reason)
          expect(outcome.roundness.leastSquaresDiameterMm).toBeCloseTo(meanMm, 9)
          expect(outcome.roundness.ovalityMm).toBeCloseTo(ovalityMm, 9)
          const axisError = ((outcome.roundness.longAxisDeg - axisDeg) * Math.PI) / 180
          expect(Math.sin(axisError)).toBeCloseTo(0, 6)
        },
      ),
    )
  })

  it('needs three different directions: 0 and 180 are one', () => {
    const at = (directionDeg: number) => ({ directionDeg, diameterMm: 31 })
    expect(fitRoundness([at(0), at(180), at(90)])).toEqual({ ok: false, reason: 'too-few-directions' })
    expect(fitRoundness([at(0), at(-90), at(270)])).toEqual({ ok: false, reason: 'too-few-directions' })
  })

  it('refuses a diameter that is not one', () => {
    expect(() => fitRoundness([{ directionDeg: 0, diameterMm: 0 }])).toThrow(/diameterMm/)
  })
})
