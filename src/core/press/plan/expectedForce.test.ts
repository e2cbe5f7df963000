import { expectedOfRing, expectedOfRuns, forceBand, forceRestsOn } from './expectedForce'
import { foundForceN } from './foundForce'
import { crystalInForce, homeForces } from './ringForce'

const NOTHING = { ofCase: [], ofKind: [] }
const run = (outcome: 'home' | 'cracked', peakForceN: number | null, slideForceN: number | null = null) =>
  ({ outcome, peakForceN, slideForceN }) as Parameters<typeof homeForces>[0][number]

describe('expected force of a ring', () => {
  it('is the figures’ guess while nothing was logged', () => {
    const alone = expectedOfRing(259.18, NOTHING)
    expect(alone).toMatchObject({ mean: 259.18, runs: 0, kindRuns: 0 })
    expect(forceBand(alone).low).toBeCloseTo(103.67, 1)
    expect(forceBand(alone).high).toBeCloseTo(414.69, 1)
  })

  it('is moved by the same kind of ring elsewhere, four runs weighing as much as the figures', () => {
    // (4·1 + 4·0.8)/8 = 0.9
    expect(expectedOfRing(200, { ofCase: [], ofKind: [0.8, 0.8, 0.8, 0.8] }).mean).toBeCloseTo(180, 9)
  })

  it('and then by this case, which weighs the more the more runs it has', () => {
    const ofKind = [0.8, 0.8, 0.8, 0.8]
    expect(expectedOfRing(200, { ofCase: [140, 140, 140, 140], ofKind }).mean).toBeCloseTo(160, 9)
    const many = expectedOfRing(200, { ofCase: Array.from({ length: 30 }, () => 140), ofKind })
    expect(many.mean).toBeCloseTo((4 * 180 + 30 * 140) / 34, 9)
    expect(many.runs).toBe(30)
    expect(forceBand(many).high - forceBand(many).low).toBeLessThan(100)
  })

  it('is not moved by what broke, and by the slide rather than the peak', () => {
    expect(
      homeForces([run('home', 300, 150), run('cracked', 900), run('home', 180), run('home', null)]),
    ).toEqual([150, 180])
  })

  it('follows from ring and squeeze; without a ring from five runs here alone', () => {
    const ring = { material: 'nylon', heightMm: 1 } as const
    const crystal = { diameterMm: 30 }
    expect(crystalInForce({ crystal, gasket: ring, hold: 'Squeeze 5.0 %' }, [], [])?.byFigures).toBeCloseTo(
      259.18,
      1,
    )
    const bare = { crystal, gasket: null, hold: 'Oversize +0.10' }
    const runs = [90, 100, 110, 100].map((force) => run('home', force))
    expect(crystalInForce(bare, runs, [])).toBeNull()
    expect(crystalInForce(bare, [...runs, run('home', 100)], [])).toMatchObject({ mean: 100, runs: 5 })
    expect(crystalInForce({ ...bare, hold: 'Squeeze −1.0 %', gasket: ring }, [], [])).toBeNull()
  })
})

describe('expected force of what no model covers', () => {
  it('is not known until five runs were logged', () => {
    expect(expectedOfRuns([100, 110, 90, 100])).toBeNull()
    const five = expectedOfRuns([100, 110, 90, 100, 100])
    expect(five).toMatchObject({ mean: 100, runs: 5 })
    expect(five?.standardDeviation).toBeCloseTo(Math.sqrt(50), 9)
    expect(forceRestsOn('back-on', null, 3)).toMatch(
      /Not known: .* snapping a back on asks, and 3 of 5 logged/,
    )
    expect(forceRestsOn('bezel-final', null, 0)).toMatch(/none is logged/)
  })

  it('says what it rests on, with the counts', () => {
    expect(forceRestsOn('crystal-in', expectedOfRing(204, { ofCase: [200], ofKind: [1, 1] }), 1)).toBe(
      'one run here, 2 with this kind of ring elsewhere, and 204 N by ring and squeeze',
    )
    expect(forceRestsOn('crystal-in', expectedOfRing(204, NOTHING), 0)).toMatch(/a first guess, 204 N/)
    expect(forceRestsOn('back-on', expectedOfRuns([1, 2, 3, 4, 5]), 5)).toBe('5 runs here')
  })
})

describe('force of the old ring', () => {
  it('is the friction it went in with, by its own figures', () => {
    const ring = { crystalMm: 30, wallMm: 0.5, heightMm: 1, boreMm: 30.95, material: 'nylon' } as const
    // Squeezed (30 + 1 − 30.95)/1 = 5 %.
    expect(foundForceN(ring)).toBeCloseTo(259.18, 1)
    expect(foundForceN({ ...ring, boreMm: 31.1 })).toBeNull()
    expect(foundForceN({ ...ring, material: null })).toBeNull()
  })
})
