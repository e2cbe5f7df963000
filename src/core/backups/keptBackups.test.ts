import fc from 'fast-check'
import { keptBackups, USUAL_KEEPING } from './keptBackups'

const at = (text: string) => new Date(`${text}Z`)
const DAY_MS = 86_400_000

describe('backups that are kept', () => {
  it('are the newest of each day, week and month, so many of each', () => {
    const times = [
      '2026-11-30T09:00',
      '2026-11-30T18:00',
      '2026-11-29T18:00',
      '2026-11-23T10:00',
      '2026-10-31T10:00',
    ]
    const kept = (days: number, weeks: number, months: number) =>
      keptBackups(times.map(at), { last: 0, days, weeks, months }).map((time) =>
        time.toISOString().slice(5, 13),
      )
    expect(kept(1, 0, 0)).toEqual(['11-30T18'])
    expect(kept(2, 0, 0)).toEqual(['11-30T18', '11-29T18'])
    // 30 November is a Monday: the day before is of the week before, and 23 November with it.
    expect(kept(0, 2, 0)).toEqual(['11-30T18', '11-29T18'])
    expect(kept(0, 3, 0)).toEqual(['11-30T18', '11-29T18', '10-31T10'])
    expect(kept(0, 0, 2)).toEqual(['11-30T18', '10-31T10'])
  })

  it('are the last few, whatever day they are of', () => {
    const times = ['2026-11-30T07:00', '2026-11-30T08:00', '2026-11-30T09:00', '2026-11-30T10:00'].map(at)
    const kept = keptBackups(times, { last: 3, days: 1, weeks: 1, months: 1 })
    expect(kept).toEqual([times[3], times[2], times[1]])
  })

  it('are few after years of one a day, reach back a year, and always hold the newest', () => {
    const newest = at('2026-11-30T18:00').getTime()
    const kept = keptBackups(
      Array.from({ length: 1000 }, (_, days) => new Date(newest - days * DAY_MS)),
      USUAL_KEEPING,
    )
    expect(kept[0]?.getTime()).toBe(newest)
    expect(kept.length).toBeLessThanOrEqual(3 + 7 + 4 + 12)
    expect((newest - (kept.at(-1)?.getTime() ?? 0)) / DAY_MS).toBeGreaterThan(300)
  })

  it('lose nothing by being thinned out day by day', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 400 * 24 }), { minLength: 1 }), (hours) => {
        const times = hours.map((hour) => new Date(hour * 3_600_000))
        const once = keptBackups(times, USUAL_KEEPING)
        expect(keptBackups(once, USUAL_KEEPING)).toEqual(once)
        expect(once[0]?.getTime()).toBe(Math.max(...times.map((time) => time.getTime())))
      }),
    )
  })
})
