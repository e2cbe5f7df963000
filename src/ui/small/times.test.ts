import type { ShopTime } from '@/core/units/shopTime'
import { dayText, dueText } from './dueText'
import { clockText } from './timeText'

const AFTERNOON = '2026-11-24T16:05:00Z'
const NIGHT = '2026-11-24T00:30:00Z'
const NOW = new Date('2026-11-24T18:00:00Z')
const LATER = new Date('2026-11-26T18:00:00Z')
const of = (clock: ShopTime['clock'], zone = 'UTC'): ShopTime => ({ clock, zone })

describe('a time as the shop writes it', () => {
  it.each([
    ['24-hour', AFTERNOON, NOW, '16:05'],
    ['24-hour', NIGHT, NOW, '00:30'],
    ['24-hour', AFTERNOON, LATER, '24 Nov 16:05'],
    ['12-hour', AFTERNOON, NOW, '4:05 PM'],
    ['12-hour', NIGHT, NOW, '12:30 AM'],
    ['12-hour', AFTERNOON, LATER, '24 Nov 4:05 PM'],
  ] as const)('%s: %s', (clock, iso, now, text) => {
    expect(clockText(iso, of(clock), now)).toBe(text)
  })

  it('is due on a day with its hour', () => {
    expect(dueText('2031-11-27T16:00:00Z', of('24-hour'))).toBe('Thu 27 Nov 16:00')
    expect(dueText('2031-11-27T16:00:00Z', of('12-hour'))).toBe('Thu 27 Nov 4:00 PM')
  })

  it.each([
    ['UTC', 'today 23:30', 'today 00:30', '24 Nov 2026'],
    ['Europe/Berlin', 'tomorrow 00:30', 'today 01:30', '25 Nov 2026'],
    ['America/Los_Angeles', 'today 15:30', 'Mon 23 Nov 16:30', '24 Nov 2026'],
    ['Asia/Tokyo', 'today 08:30', 'Tue 24 Nov 09:30', '25 Nov 2026'],
    ['Asia/Kathmandu', 'tomorrow 05:15', 'today 06:15', '25 Nov 2026'],
  ])('is of the shop’s day in %s', (zone, late, night, day) => {
    const evening = '2026-11-24T23:30:00Z'
    expect(dueText(evening, of('24-hour', zone), NOW)).toBe(late)
    expect(dueText(NIGHT, of('24-hour', zone), NOW)).toBe(night)
    expect(dayText(evening, of('24-hour', zone))).toBe(day)
  })
})
