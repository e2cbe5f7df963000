import fc from 'fast-check'
import { fitTaper } from './fitTaper'

const at = (...thicknesses: number[]) =>
  thicknesses.map((thicknessMm, i) => ({ placeDeg: (360 * i) / thicknesses.length, thicknessMm }))

describe('fitTaper', () => {
  it('finds the wedge of the doc example', () => {
    const taper = fitTaper(at(0.52, 0.48, 0.44, 0.5))
    expect(taper?.meanMm).toBeCloseTo(0.485, 9)
    expect(taper?.taperMm).toBeCloseTo(2 * Math.hypot(0.04, 0.01), 9)
    expect(taper?.thickSideDeg).toBeCloseTo(346, 0)
  })

  it('cannot tell a wedge from two places', () => {
    expect(fitTaper(at(1, 1.1))).toBeNull()
    expect(fitTaper([0, 360, 0].map((placeDeg) => ({ placeDeg, thicknessMm: 1 })).concat(at(1)))).toBeNull()
  })

  it('counts a place once, however it is written', () => {
    const places = (...degrees: number[]) => degrees.map((placeDeg) => ({ placeDeg, thicknessMm: 1 }))
    expect(fitTaper(places(0, 120, 480))).toBeNull()
    expect(fitTaper(places(90, -270, 450, 180))).toBeNull()
    expect(fitTaper(places(0, 120, 600))).not.toBeNull()
  })

  it('turns with the piece, and takes no notice of its thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        fc.double({ min: 0, max: 359, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        (wedge, side, mean) => {
          const readings = [0, 120, 240].map((placeDeg) => ({
            placeDeg,
            thicknessMm: mean + (wedge / 2) * Math.cos(((placeDeg - side) * Math.PI) / 180),
          }))
          const taper = fitTaper(readings)
          expect(taper?.taperMm).toBeCloseTo(wedge, 6)
          expect(Math.cos((((taper?.thickSideDeg ?? 0) - side) * Math.PI) / 180)).toBeCloseTo(1, 6)
        },
      ),
    )
  })

  it('refuses what is no number', () => {
    expect(() => fitTaper(at(1, NaN, 1))).toThrow(/thicknessMm/)
  })
})
