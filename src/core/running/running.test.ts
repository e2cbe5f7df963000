import type { RunningCheck } from './RunningCheck'
import { RUNNING_POLICY } from './runningPolicy'
import { rateByClock } from './rateByClock'
import { rateWords, standingRunning } from './standingRunning'

const START = new Date('2026-11-24T09:00:00Z')
const after = (hours: number) => new Date(START.getTime() + hours * 3_600_000)
const NOTHING = {
  aheadS: null,
  position: null,
  rateSPerDay: null,
  amplitudeDeg: null,
  beatErrorMs: null,
  currentUa: null,
}
const look = (kind: 'start' | 'end', aheadS: number, hours: number): RunningCheck => ({
  ...NOTHING,
  ...{ kind, aheadS, at: after(hours) },
})
const onMachine = (over: Partial<RunningCheck>): RunningCheck => ({
  ...NOTHING,
  ...{ kind: 'machine', position: 'dial-up', rateSPerDay: 4, amplitudeDeg: 270, beatErrorMs: 0.2 },
  at: START,
  ...over,
})
const stands = (checks: readonly RunningCheck[], movement: 'mechanical' | 'quartz' = 'mechanical') =>
  standingRunning(checks, movement, RUNNING_POLICY)

describe('rateByClock', () => {
  it('is what two looks at a clock say: +12 s, and +19 s after 23.5 h', () => {
    const rate = rateByClock({ aheadS: 12, at: START }, { aheadS: 19, at: after(23.5) })
    expect(rate.sPerDay).toBeCloseTo(7.15, 2)
    expect(rate.standardUncertainty).toBeCloseTo(0.72, 2)
    expect(rateWords(rate)).toBe('gains 7.1 ±1.4 s a day')
  })

  it('is none of one look, and of looks the wrong way round', () => {
    expect(() => rateByClock({ aheadS: 0, at: START }, { aheadS: 1, at: START })).toThrow(RangeError)
    expect(stands([look('start', 12, 0)])).toMatchObject({
      isRight: null,
      since: START.toISOString(),
      words: '',
    })
    expect(stands([look('end', 12, 0)])).toMatchObject({ isRight: null, since: null })
    expect(stands([])).toBeNull()
  })
})

describe('standingRunning', () => {
  it('is right where it is surely within its limit, and says what else it is', () => {
    expect(stands([look('start', 12, 0), look('end', 19, 23.5)])).toMatchObject({
      isRight: true,
      words: 'gains 7.1 ±1.4 s a day by the clock',
      since: null,
    })
    expect(stands([look('start', 0, 0), look('end', -60, 24)])).toMatchObject({
      isRight: false,
      notes: [expect.stringMatching(/More than 25 s a day/)],
    })
    // An hour by eye tells no quartz movement's day.
    expect(stands([look('start', 0, 0), look('end', 0, 1)], 'quartz')).toMatchObject({
      isRight: false,
      notes: [expect.stringMatching(/compare once more after a longer one/)],
    })
  })

  it('goes by the last start before the last end', () => {
    const checks = [look('start', 0, 0), look('start', 5, 1), look('end', 6, 25), look('start', 6, 26)]
    expect(stands(checks)).toMatchObject({
      words: 'gains 1.0 ±1.4 s a day by the clock',
      since: after(26).toISOString(),
    })
  })

  it('judges each position of a timing machine by its last look', () => {
    expect(stands([onMachine({ rateSPerDay: 80 }), onMachine({})])).toMatchObject({
      isRight: true,
      words: 'dial up +4.0 s/d, 270°',
    })
    const weak = stands([
      onMachine({}),
      onMachine({ position: 'crown-up', amplitudeDeg: 180, beatErrorMs: 2.4, rateSPerDay: -40 }),
    ])
    expect(weak?.isRight).toBe(false)
    expect(weak?.notes).toEqual([
      'Crown up: more than 25 s a day.',
      expect.stringMatching(/^Crown up: amplitude 180°, at least 220°/),
      'Crown up: beat error 2.4 ms, at most 1.',
    ])
  })

  it('draws a current at rest that is told, and doubted where it is too high', () => {
    const quartz = (currentUa: number) =>
      stands([onMachine({ rateSPerDay: 0.2, amplitudeDeg: null, beatErrorMs: null, currentUa })], 'quartz')
    expect(quartz(1.2)).toMatchObject({ words: 'dial up +0.2 s/d, 1.2 µA', isRight: true })
    expect(quartz(9)).toMatchObject({ isRight: false })
    expect(quartz(9)?.notes[0]).toMatch(/draws 9\.0 µA, at most 3/)
  })
})
