import { randomLcg, randomNormal } from 'd3-random'
import { driftOf } from './driftOf'
import { driftAt } from './driftShapes'
import type { BlankRun, DryKnown, DryRecord } from './DryRecord'
import { DRY_TEST_POLICY } from './dryTestPolicy'
import { fitDryTest, LEAST_SAMPLES, priorOf } from './fitDryTest'
import { judgeDryTest } from './judgeDryTest'
import { timeConstantS } from './leakFlow'
import { leastLeakSeen } from './leastLeakSeen'

const air = { volumeCm3: 1.5, pressureBar: 2, temperatureC: 20 }
const NOISE_UM = 0.02
const KNOWN: DryKnown = {
  drift: { umPerS: [0.0002, 0, 0], spreadUmPerS: [2e-5, 2e-5, 2e-5], knownForS: 3600 },
  deformation: { um: 8, spreadUm: 0.8 },
}
const NO_BLANK: DryKnown = { ...KNOWN, drift: null }
const NEW_CASE: DryKnown = { ...KNOWN, deformation: null }

/** A case that goes in by 8 µm and leaks so much, on a tester that drifts as usual, sampled every second. */
function record(flowUgPerMin: number, lastsS = 180, deformationUm = 8): DryRecord {
  const noise = randomNormal.source(randomLcg(0.4))(0, NOISE_UM)
  const tau = timeConstantS(flowUgPerMin, air)
  const timesS = Array.from({ length: lastsS + 1 }, (_, t) => t)
  return {
    air,
    timesS,
    deformationUm: timesS.map((t) => deformationUm * Math.exp(-t / tau) + 0.0002 * t + noise()),
  }
}
const judged = (of: DryRecord, known = KNOWN) => judgeDryTest(of, known, DRY_TEST_POLICY)

describe('judgeDryTest', () => {
  it('passes a tight case, fails one that leaks, and tells the flow with what holds it', () => {
    expect(judged(record(5))).toMatchObject({ verdict: 'pass', doubt: null })
    const failed = judged(record(400))
    expect(failed).toMatchObject({ verdict: 'fail', doubt: null })
    expect(failed.flow.low).toBeLessThan(400)
    expect(failed.flow.high).toBeGreaterThan(400)
    expect(failed.flow.high / failed.flow.low).toBeLessThan(1.2)
  })

  it('passes nothing on a drift nobody knows, however long it is measured', () => {
    const unknown = judged(record(5, 600), NO_BLANK)
    expect(unknown).toMatchObject({ verdict: 'cannot-tell', doubt: 'drift', lengthNeededS: null })
    expect(unknown.leastSeen).toBeGreaterThan(50)
    // A leak that no drift looks like is one all the same.
    expect(judged(record(20_000), NO_BLANK).verdict).toBe('fail')
  })

  it('says how long a record has to be to see the limit, and one so long does', () => {
    const short = judged(record(5, 15))
    expect(short).toMatchObject({ verdict: 'cannot-tell', doubt: 'too-short' })
    expect(short.leastSeen).toBeGreaterThan(50)
    const needed = short.lengthNeededS ?? NaN
    expect(needed).toBeGreaterThan(15)
    expect(needed).toBeLessThan(180)
    expect(judged(record(5, Math.ceil(needed * 1.2))).leastSeen).toBeLessThan(50)
  })

  it('cannot tell a leak at the very limit', () => {
    expect(judged(record(50))).toMatchObject({ verdict: 'cannot-tell', doubt: 'near-the-limit' })
  })

  it('takes a case that never went in for open where earlier tests say how far it goes, else for nothing', () => {
    expect(judged(record(5, 180, 0))).toMatchObject({ verdict: 'fail', isOpen: true })
    expect(judged(record(5, 180, 0), NEW_CASE)).toMatchObject({
      ...{ verdict: 'cannot-tell', doubt: 'never-went-in' },
    })
    // A new case that does go in is judged by what it does.
    expect(judged(record(5), NEW_CASE).verdict).toBe('pass')
  })

  it('needs samples enough to tell noise from anything else', () => {
    const { timesS, deformationUm } = record(5)
    const few = {
      air,
      timesS: timesS.slice(0, LEAST_SAMPLES - 1),
      deformationUm: deformationUm.slice(0, LEAST_SAMPLES - 1),
    }
    expect(() => fitDryTest(few, KNOWN)).toThrow(RangeError)
  })
})

describe('fitDryTest', () => {
  it('finds the noise of a record, whatever else moves in it', () => {
    for (const flow of [5, 20_000]) expect(fitDryTest(record(flow), KNOWN).noiseUm).toBeCloseTo(NOISE_UM, 2)
  })

  it('weighs leaks so that they sum to one', () => {
    const { shares } = fitDryTest(record(300), KNOWN)
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9)
  })
})

describe('leastLeakSeen', () => {
  const plan = { air, lastsS: 180, samples: 181, noiseUm: NOISE_UM, deformationUm: 8 }
  const seen = (over: object, known = KNOWN) => leastLeakSeen({ ...plan, ...over }, priorOf(known, 3600))

  it('falls with length, samples and how far the case goes in, and grows with noise and drift', () => {
    const usual = seen({})
    expect(seen({ lastsS: 360, samples: 361 })).toBeLessThan(usual)
    expect(seen({ samples: 361 })).toBeLessThan(usual)
    expect(seen({ deformationUm: 16 })).toBeLessThan(usual)
    expect(seen({ noiseUm: 0.1 })).toBeGreaterThan(usual)
    expect(seen({}, NO_BLANK)).toBeGreaterThan(10 * usual)
    expect(seen({ deformationUm: 0 })).toBe(Infinity)
  })

  it('comes to what the drift’s own spread hides where there is no noise', () => {
    // A slope of 3.29 spreads, as a leak of a case that goes in by 8 µm: 50 µg/min lose 8/4278 µm a second.
    const floor = (3.29 * 2e-5 * 50 * 4278) / 8
    const even: DryKnown = {
      ...KNOWN,
      drift: { umPerS: [0, 0, 0], spreadUmPerS: [2e-5, 0, 0], knownForS: 3600 },
    }
    for (const lastsS of [60, 3600])
      expect(seen({ noiseUm: 1e-6, lastsS, samples: lastsS + 1 }, even) / floor).toBeCloseTo(1, 2)
  })
})

describe('driftOf', () => {
  /** A tester that goes on evenly and warms up, sampled every second, without noise. */
  const blank = (umPerS: number, warmUm: number, lastsS = 300): BlankRun => {
    const timesS = Array.from({ length: lastsS + 1 }, (_, t) => t)
    return { timesS, shownUm: timesS.map((t) => 3 + umPerS * t + warmUm * (1 - Math.exp(-t / 100))) }
  }

  it('is the mean of blank runs, and how far the next may be off it', () => {
    expect(driftOf([blank(1e-4, 0), blank(2e-4, 0)])).toBeNull()
    const drift = driftOf([blank(1e-4, 0), blank(2e-4, 0), blank(3e-4, 0)])
    expect(drift?.umPerS[0]).toBeCloseTo(2e-4, 9)
    // Of three, Student's t for two degrees of freedom widens it.
    expect(drift?.spreadUmPerS[0]).toBeCloseTo(1e-4 * Math.sqrt(4 / 3) * (4.53 / 2), 9)
    expect(drift?.umPerS[1]).toBeCloseTo(0, 9)
  })

  it('follows one that warms up within a fortieth of how far that carries it', () => {
    const drift = driftOf([blank(1e-4, 0.2), blank(1e-4, 0.2), blank(1e-4, 0.2)])
    if (!drift) throw new Error('no drift')
    const off = [10, 30, 60, 100, 150, 200, 250, 300].map(
      (t) => driftAt(t, drift.umPerS, drift.knownForS) - 1e-4 * t - 0.2 * (1 - Math.exp(-t / 100)),
    )
    // How it lay at the first is the record's own.
    expect(Math.max(...off) - Math.min(...off)).toBeLessThan(0.005)
  })

  it('is known as long as the shortest run, but for one let go early', () => {
    expect(driftOf([blank(0, 0, 300), blank(0, 0, 200), blank(0, 0, 250)])?.knownForS).toBe(200)
    expect(driftOf([blank(0, 0, 300), blank(0, 0, 290), blank(0, 0, 280), blank(0, 0, 60)])?.knownForS).toBe(
      280,
    )
  })

  it('has what a record shows later judge nothing', () => {
    const known: DryKnown = { ...KNOWN, drift: driftOf([1, 2, 3].map((times) => blank(times * 1e-5, 0, 60))) }
    expect(judged(record(5, 180), known).judgedForS).toBe(60)
  })
})
