import { pastPairs } from '../../tray/sizeHistory'
import type { TeachingRun } from './lessons'
import { blamedDies, lessonsOf, speaksAgainstPair } from './lessons'

const run = (over: Partial<TeachingRun>): TeachingRun => ({
  trayNumber: 162,
  outcome: 'cracked',
  cause: 'die',
  pusherId: 7,
  pusherCode: 'P27',
  ...over,
})

describe('what failed runs teach', () => {
  it('is told with the tray and what to do now, the newest three', () => {
    const runs = [
      run({}),
      run({ trayNumber: 160, outcome: 'home', cause: null }),
      run({ trayNumber: 158, cause: 'dirt' }),
      run({ trayNumber: 156, outcome: 'loose', cause: null }),
      run({ trayNumber: 154, cause: 'force' }),
    ]
    expect(lessonsOf(runs)).toEqual([
      'Tray 162, cracked: the die was to blame (P27): another one comes first now',
      'Tray 158, cracked: dirt was to blame: seat, ring and edge under the loupe before it goes in',
      'Tray 156, loose: nobody knows why: look at seat, ring and die before it goes in',
    ])
    expect(blamedDies(runs)).toEqual([7])
  })

  it('counts against a pair of sizes only where the size may be to blame', () => {
    expect(speaksAgainstPair(run({ cause: 'size' }))).toBe(true)
    expect(speaksAgainstPair(run({ cause: null }))).toBe(true)
    expect(speaksAgainstPair(run({ cause: 'dirt' }))).toBe(false)
    expect(speaksAgainstPair(run({ outcome: 'high-on-one-side', cause: null }))).toBe(false)
    const of = (outcome: TeachingRun['outcome'], cause: TeachingRun['cause']) =>
      ({ crystalId: 1, gasketId: 2, ofOwn: false, outcome, cause }) as Parameters<typeof pastPairs>[0][number]
    expect(
      pastPairs([of('home', null), of('cracked', 'dirt'), of('loose', 'size'), of('not-home', null)]),
    ).toEqual([{ crystalId: 1, gasketId: 2, good: 1, failed: 1 }])
  })
})
