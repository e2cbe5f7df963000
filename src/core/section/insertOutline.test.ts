import fc from 'fast-check'
import { inlaidInsert } from './insertOutline'
import type { Point } from './outline'

const [FROM, TO]: [Point, Point] = [
  [16, 2],
  [19, 1.6],
]

/** How far a point lies over the line of the slope, mm; − inside the metal. */
function overSlope([r, z]: Point): number {
  const [dr, dz] = [TO[0] - FROM[0], TO[1] - FROM[1]]
  return ((z - FROM[1]) * dr - (r - FROM[0]) * dz) / Math.hypot(dr, dz)
}

describe('inlaidInsert', () => {
  it('stands as far over the slope as it is proud, and as deep under it as it is sunk', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 1, noNaN: true }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        (thicknessMm, flushMm) => {
          const { insert, edge } = inlaidInsert(FROM, TO, thicknessMm, flushMm)
          const heights = insert.points.map(overSlope)
          expect(Math.max(...heights)).toBeCloseTo(flushMm, 9)
          expect(Math.min(...heights)).toBeCloseTo(flushMm - thicknessMm, 9)
          // The recess is as deep as the insert lies, and the metal beside it stays where it was.
          expect(Math.min(...edge.map(overSlope))).toBeCloseTo(flushMm - thicknessMm, 9)
          expect(Math.max(...edge.map(overSlope))).toBeCloseTo(0, 9)
        },
      ),
    )
  })

  it('is flush where nothing is said, and never drawn out of its recess', () => {
    const face = (flushMm?: number) =>
      Math.max(...inlaidInsert(FROM, TO, 0.5, flushMm).insert.points.map(overSlope))
    expect(face()).toBeCloseTo(0, 9)
    expect(face(5)).toBeCloseTo(0.4, 9)
    expect(face(-5)).toBeCloseTo(-0.4, 9)
  })
})
