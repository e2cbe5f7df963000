import { dayAfter, dayIn, dayStartIn, instantOf, isZone, textIn, wallOf } from './shopTime'

// Offsets and days of clock change: IANA time zone database, from memory.
const ZONES = [
  // zone, an instant, its day there, its hour there
  ['Europe/Lisbon', '2026-11-24T23:30:00Z', '2026-11-24', '23:30'],
  ['America/Los_Angeles', '2026-11-25T07:30:00Z', '2026-11-24', '23:30'],
  ['Asia/Tokyo', '2026-11-24T15:30:00Z', '2026-11-25', '00:30'],
  ['Asia/Kathmandu', '2026-11-24T18:30:00Z', '2026-11-25', '00:15'],
  ['Pacific/Kiritimati', '2026-11-24T10:30:00Z', '2026-11-25', '00:30'],
] as const

describe.each(ZONES)('in %s', (zone, iso, day, hour) => {
  const at = new Date(iso)

  it('an instant has the day and the hour of that place', () => {
    expect(dayIn(zone, at)).toBe(day)
    expect(textIn(zone, at, 'HH:mm')).toBe(hour)
    expect(dayAfter(zone, at, 1) > day).toBe(true)
  })

  it('what a form keeps leads back to the instant, at every hour of the year', () => {
    for (let hours = 0; hours < 366 * 24; hours += 5) {
      const then = new Date(Date.UTC(2026, 0, 1) + hours * 3_600_000)
      const back = instantOf(zone, wallOf(zone, then))
      // An hour that comes twice is the first of the two.
      expect([0, 3_600_000]).toContain(then.getTime() - (back?.getTime() ?? NaN))
    }
  })

  it('a day begins at its midnight', () => {
    const start = dayStartIn(zone, at)
    expect(dayIn(zone, start)).toBe(day)
    expect(dayIn(zone, new Date(start.getTime() - 1))).not.toBe(day)
  })
})

describe('where the clock is changed', () => {
  const DAY_MS = 24 * 3_600_000
  const lengthMs = (zone: string, noon: string) => {
    const start = dayStartIn(zone, new Date(noon))
    return dayStartIn(zone, new Date(start.getTime() + 26 * 3_600_000)).getTime() - start.getTime()
  }

  it.each([
    ['Europe/Lisbon', '2027-03-28T12:00:00Z', -1],
    ['Europe/Lisbon', '2026-10-25T12:00:00Z', 1],
    ['America/Los_Angeles', '2027-03-14T20:00:00Z', -1],
    ['Australia/Lord_Howe', '2026-10-04T02:00:00Z', -0.5],
    ['Asia/Tokyo', '2027-03-28T03:00:00Z', 0],
  ])('a day in %s (%s) is longer by %s h', (zone, noon, hours) => {
    expect(lengthMs(zone, noon)).toBe(DAY_MS + hours * 3_600_000)
  })

  it('an hour that is left out is as much later, one that comes twice the first', () => {
    expect(instantOf('Europe/Lisbon', '2027-03-28T01:30')?.toISOString()).toBe('2027-03-28T01:30:00.000Z')
    expect(instantOf('Europe/Lisbon', '2026-10-25T01:30')?.toISOString()).toBe('2026-10-25T00:30:00.000Z')
    expect(instantOf('America/Los_Angeles', '2027-03-14T02:30')?.toISOString()).toBe(
      '2027-03-14T10:30:00.000Z',
    )
  })
})

it('knows zones by name, and what is none', () => {
  expect(['UTC', 'Europe/Lisbon', 'Asia/Kathmandu'].every(isZone)).toBe(true)
  expect(['', 'Lisbon', 'Europe/Nowhere', 'a\u0000', '+25:00'].some(isZone)).toBe(false)
  expect(instantOf('UTC', '')).toBeNull()
  expect(instantOf('UTC', 'soon')).toBeNull()
})
