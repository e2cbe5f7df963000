import normalCdf from '@stdlib/stats-base-dists-normal-cdf'
import fc from 'fast-check'
import { oneStep, twoSteps } from './blurredSteps'
import type { EdgeProfile } from './edgeProfile'

const AT = Array.from({ length: 57 }, (_, i) => i * 0.25 - 7)

/** What edges come to that are blurred alike: exactly what the model says, so that it must be found again. */
function profileOf(base: number, steps: readonly (readonly [number, number])[], blurPx: number): EdgeProfile {
  return {
    atPx: AT,
    light: AT.map((s) => steps.reduce((sum, [at, rise]) => sum + rise * normalCdf(s, at, blurPx), base)),
  }
}

describe('oneStep', () => {
  it('finds a lone edge to a hundredth of a pixel', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.double({ min: 0.5, max: 3, noNaN: true }),
        fc.constantFrom(0.6, -0.5),
        (at, blurPx, rise) => {
          const [step] = oneStep(profileOf(0.7, [[at, rise]], blurPx), blurPx).steps
          expect(Math.abs((step?.atPx ?? NaN) - at)).toBeLessThan(0.012)
          expect(step?.rise).toBeCloseTo(rise, 2)
        },
      ),
      { numRuns: 40 },
    )
  })
})

describe('twoSteps', () => {
  // Glass 0.68, its ground bevel 0.20, paper 0.82: the steepest place is not where the glass ends.
  const bevelled = (at: number, wide: number, blurPx: number) =>
    profileOf(
      0.68,
      [
        [at, 0.62],
        [at - wide, -0.48],
      ],
      blurPx,
    )

  it('finds the outer edge of a bevel and its inner edge, whichever is looked for', () => {
    for (const blurPx of [0.6, 1, 1.5]) {
      const outer = twoSteps(bevelled(0.4, 2, blurPx), blurPx, true)
      expect(outer.steps[0]?.atPx).toBeCloseTo(0.4, 1)
      expect(outer.steps[1]?.atPx).toBeCloseTo(-1.6, 1)
      const inner = twoSteps(bevelled(1.9, 2, blurPx), blurPx, false)
      expect(inner.steps[0]?.atPx).toBeCloseTo(-0.1, 1)
      expect(inner.steps[0]?.rise).toBeLessThan(0)
    }
  })

  it('takes the stronger of two that go the same way: a ring’s inside, not the shadow it throws there', () => {
    // Paper 0.82, in shadow 0.57, the ring 0.09: both grow darker outward, and either could be the first of the two.
    for (const [shadow, ring] of [
      [-2.8, 0.2],
      [-1.6, -0.3],
      [1.9, -0.2],
    ] as const) {
      const profile = profileOf(
        0.82,
        [
          [shadow, -0.25],
          [ring, -0.48],
        ],
        1,
      )
      const [main, neighbour] = twoSteps(profile, 1, false).steps
      expect(main?.atPx).toBeCloseTo(ring, 1)
      expect(neighbour?.atPx).toBeCloseTo(shadow, 1)
    }
  })

  it('believes in no level darker than no light', () => {
    const { darkest } = twoSteps(bevelled(0, 2, 2.5), 2.5, true)
    expect(darkest).toBeGreaterThanOrEqual(0)
  })

  it('is where a single edge is not: one alone leaves much over', () => {
    const profile = bevelled(0, 2, 1)
    expect(twoSteps(profile, 1, true).residual).toBeLessThan(0.01 * oneStep(profile, 1).residual)
  })
})
