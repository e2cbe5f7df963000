import type { DryRow } from './DryTrace'
import { phasesOf } from './phasesOf'

/** A test sampled every second: at rest, pumped up within 2 s, standing, let go. */
function rows({ restS = 20, standsS = 60, bar = 2, zeroUm = 1 } = {}): DryRow[] {
  const rest = Array.from({ length: restS }, (_, t): DryRow => [t, 0, zeroUm])
  const up = [0.5, 0.98].map((share, i): DryRow => [restS + i, bar * share, zeroUm + 8 * share])
  const standing = Array.from({ length: standsS }, (_, t): DryRow => [
    restS + 2 + t,
    bar,
    zeroUm + 8 - t / 100,
  ])
  const last = restS + 2 + standsS
  return [...rest, ...up, ...standing, [last, 0.1, zeroUm], [last + 1, 0, zeroUm]]
}

describe('phasesOf', () => {
  it('takes the part under pressure, counted from when it stood and from how it lay before', () => {
    const { standing, pressureBar, rest, trouble } = phasesOf(rows())
    expect(pressureBar).toBe(2)
    expect(standing.timesS[0]).toBe(0)
    expect(standing.timesS.at(-1)).toBe(60)
    expect(standing.shownUm[1]).toBeCloseTo(8, 9)
    expect([rest, trouble]).toEqual([null, null])
  })

  it('takes a rest as long as the test for a blank run', () => {
    expect(phasesOf(rows({ restS: 70 })).rest?.timesS).toHaveLength(70)
    // One that long, but under which nobody could tell a drift.
    expect(phasesOf(rows({ restS: 10, standsS: 8 })).rest).toBeNull()
  })

  it('reads a vacuum as it reads pressure, and an absolute scale against the air around', () => {
    expect(phasesOf(rows({ bar: -0.7 })).pressureBar).toBe(-0.7)
    const absolute = rows().map(([t, bar, um]): DryRow => [t, (bar ?? 0) + 1, um])
    expect(phasesOf(absolute).pressureBar).toBeCloseTo(2, 9)
  })

  it('takes all of a record without pressures', () => {
    const bare = rows().map(([t, , um]): DryRow => [t, null, um])
    expect(phasesOf(bare)).toMatchObject({ pressureBar: null, rest: null })
    expect(phasesOf(bare).standing.timesS).toHaveLength(bare.length)
  })

  it('ends where the tester fell silent, and says so', () => {
    const broken = rows().filter(([t]) => t < 50 || t > 75)
    const { standing, trouble } = phasesOf(broken)
    expect(standing.timesS.at(-1)).toBe(28)
    expect(trouble).toMatch(/silent after 49 s, for 27 s/)
  })
})
