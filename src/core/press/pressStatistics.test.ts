import type { CountedRun } from './pressStatistics'
import { pressStatistics } from './pressStatistics'

const run = (over: Partial<CountedRun> = {}): CountedRun => ({
  good: true,
  failed: false,
  cause: null,
  pusher: 'P29',
  support: 'S32',
  ring: 'nylon I',
  forceN: 200,
  ...over,
})

describe('pressStatistics', () => {
  it('counts breakages by cause, dies by use and the force each kind of ring asked', () => {
    const told = pressStatistics([
      run(),
      run({ forceN: 220 }),
      run({ ring: 'PTFE L', forceN: 60, pusher: 'P27' }),
      run({ good: false, failed: true, cause: 'dirt', forceN: 900 }),
      run({ good: false, failed: true, cause: 'dirt', pusher: null }),
      run({ good: false, failed: true }),
      run({ good: false }),
    ])
    expect(told).toMatchObject({ runs: 7, good: 3 })
    expect(told.causes).toEqual([
      { cause: 'dirt', count: 2 },
      { cause: 'unknown', count: 1 },
    ])
    expect(told.dies[0]).toEqual({ code: 'S32', runs: 7, blamed: 0 })
    expect(told.rings.map(({ ring, runs, meanN }) => [ring, runs, meanN])).toEqual([
      ['nylon I', 2, 210],
      ['PTFE L', 1, 60],
    ])
    expect(told.rings[0]?.standardDeviationN).toBeCloseTo(Math.sqrt(200), 9)
    expect(told.rings[1]?.standardDeviationN).toBeNull()
  })

  it('is empty where nothing was logged', () => {
    expect(pressStatistics([])).toEqual({ runs: 0, good: 0, causes: [], dies: [], rings: [] })
  })
})
