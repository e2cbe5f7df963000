import fc from 'fast-check'
import { BACK_SEALS, RETENTIONS } from '../construction/kinds'
import type { Retention } from '../construction/kinds'
import type { Outline, Point } from './outline'
import type { Drawn } from '../../../tests/factories/drawnCase'
import { drawnCase } from '../../../tests/factories/drawnCase'
import { sectionOutlines } from './sectionOutlines'

/** A bezel may stand out over a slim case by so much, mm. */
const BEZEL_OVERHANG_MM = 0.6

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true })

/** Wristwatch cases whose parts fit each other, as a maker would build them. */
function fittingCase(retention: Retention): fc.Arbitrary<Drawn> {
  return fc
    .record({
      bore: between(22, 38),
      caseOver: between(5, 10),
      openingUnder: between(2, 4),
      seat: between(0.8, 2.5),
      height: between(7, 14),
      hands: between(0.2, 1.2),
      wall: between(0.35, 0.7),
      rise: between(0, 1.5),
      dome: between(0, 0.8),
      has: fc.record({
        bezel: fc.boolean(),
        insertMm: fc.option(between(0.3, 0.9)),
        chapterRing: fc.boolean(),
        back: fc.boolean(),
        backSeal: fc.constantFrom(...BACK_SEALS),
        hands: fc.boolean(),
      }),
    })
    .map((sizes) => drawnCase(retention, sizes))
}

const outlinesOf = (retention: Retention, { watchCase, joint, parts }: Drawn) =>
  sectionOutlines(retention, watchCase, joint, parts)

/** Twice the area, + counterclockwise. */
function twiceArea(points: readonly Point[]): number {
  return points.reduce((sum, [r, z], i) => {
    const [r2, z2] = points[(i + 1) % points.length] ?? [0, 0]
    return sum + r * z2 - r2 * z
  }, 0)
}

function isInside([r, z]: Point, { points }: Outline): boolean {
  return points.reduce((inside, [r1, z1], i) => {
    const [r2, z2] = points[(i + 1) % points.length] ?? [0, 0]
    const crosses = z1 > z !== z2 > z && r < ((r2 - r1) * (z - z1)) / (z2 - z1) + r1
    return crosses ? !inside : inside
  }, false)
}

/** Share of a lattice of points over the section that lies in both, of those that lie in the smaller. */
function overlap(a: Outline, b: Outline): number {
  const rs = a.points.map(([r]) => r)
  const zs = a.points.map(([, z]) => z)
  const [r0, r1, z0, z1] = [Math.min(...rs), Math.max(...rs), Math.min(...zs), Math.max(...zs)]
  const steps = 40
  let own = 0
  let both = 0
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < steps; j++) {
      const at: Point = [r0 + ((i + 0.5) / steps) * (r1 - r0), z0 + ((j + 0.5) / steps) * (z1 - z0)]
      if (!isInside(at, a)) continue
      own++
      if (isInside(at, b)) both++
    }
  return own === 0 ? 0 : both / own
}

function turn([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number {
  return Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax))
}

/** True when two edges of an outline that are no neighbours cross each other. */
function crossesItself(points: readonly Point[]): boolean {
  const edges = points.map((p, i): readonly [Point, Point] => [p, points[(i + 1) % points.length] ?? p])
  return edges.some(([a, b], i) =>
    edges.some(
      ([c, d], j) =>
        j > i + 1 &&
        !(i === 0 && j === edges.length - 1) &&
        turn(a, b, c) * turn(a, b, d) < 0 &&
        turn(c, d, a) * turn(c, d, b) < 0,
    ),
  )
}

describe.each(RETENTIONS)('the section of a case with its crystal held by %s', (retention) => {
  const drawn = fittingCase(retention)

  it('is made of whole outlines on one side of the axis that never cross themselves', () => {
    fc.assert(
      fc.property(drawn, (figures) => {
        for (const { material, points } of outlinesOf(retention, figures)) {
          expect(points.flat().every(Number.isFinite)).toBe(true)
          expect([material, Math.min(...points.map(([r]) => r)) >= 0]).toEqual([material, true])
          expect([material, Math.abs(twiceArea(points)) > 1e-3]).toEqual([material, true])
          expect([material, crossesItself(points)]).toEqual([material, false])
        }
      }),
    )
  })

  it('stays within the case’s own width and height', () => {
    fc.assert(
      fc.property(drawn, (figures) => {
        const { watchCase } = figures
        const bottom = watchCase.seatDepthMm - watchCase.caseHeightMm
        const outside = outlinesOf(retention, figures).filter(({ points }) =>
          points.some(([r, z]) => r > watchCase.caseDiameterMm / 2 + BEZEL_OVERHANG_MM || z < bottom - 1e-9),
        )
        expect(outside).toEqual([])
      }),
    )
  })

  it('draws no solid part inside another: what fits is seen to fit', () => {
    fc.assert(
      fc.property(drawn, (figures) => {
        const outlines = outlinesOf(retention, figures)
        const one = (material: Outline['material']) => outlines.find((o) => o.material === material)
        for (const [a, b] of [
          ['crystal', 'case'],
          ['crystal', 'bezel'],
          ['bezel', 'case'],
          ['insert', 'bezel'],
          ['insert', 'case'],
          ['crystal', 'dial'],
          ['movement', 'case'],
          ['metal-ring', 'case'],
        ] as const) {
          const [first, second] = [one(a), one(b)]
          if (first && second) expect([a, b, overlap(first, second) < 0.02]).toEqual([a, b, true])
        }
      }),
      { numRuns: 40 },
    )
  })

  it('draws the crystal as wide as it is, and nothing of it where there is none', () => {
    fc.assert(
      fc.property(drawn, (figures) => {
        const crystal = outlinesOf(retention, figures).find((o) => o.material === 'crystal')
        const { diameterMm } = figures.parts.crystal
        expect(crystal && 2 * Math.max(...crystal.points.map(([r]) => r))).toBeCloseTo(diameterMm, 9)
        const without = { ...figures, parts: { crystal: null, ring: null } }
        const left = sectionOutlines(retention, without.watchCase, without.joint, without.parts)
        expect(left.map(({ material }) => material)).not.toContain('crystal')
      }),
    )
  })
})
