import { randomLcg, randomNormal } from 'd3-random'
import { driftOf } from './driftOf'
import type { DryKnown, DryRecord } from './DryRecord'
import { DRY_TEST_POLICY } from './dryTestPolicy'
import { fitDryTest, LEAST_SAMPLES, priorOf } from './fitDryTest'
import { judgeDryTest } from './judgeDryTest'
import { timeConstantS } from './leakFlow'
import { leastLeakSeen } from './leastLeakSeen'

const air = { volumeCm3: 1.5, pressureBar: 2, temperatureC: 20 }
const NOISE_UM = 0.02
const KNOWN: DryKnown = {
  drift: { umPerS: 0.0002, spreadUmPerS: 2e-5 },
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
  const seen = (over: object, known = KNOWN) => leastLeakSeen({ ...plan, ...over }, priorOf(known))

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
    for (const lastsS of [60, 3600])
      expect(seen({ noiseUm: 1e-6, lastsS, samples: lastsS + 1 }) / floor).toBeCloseTo(1, 3)
  })
})

describe('driftOf', () => {
  it('is the mean of blank runs, and how far the next may be off it', () => {
    expect(driftOf([1e-4, 2e-4])).toBeNull()
    const drift = driftOf([1e-4, 2e-4, 3e-4])
    expect(drift?.umPerS).toBeCloseTo(2e-4, 12)
    expect(drift?.spreadUmPerS).toBeCloseTo(1e-4 * Math.sqrt(4 / 3), 12)
  })
})
