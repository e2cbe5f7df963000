import { dueText } from './dueText'
import { clockText } from './timeText'

const AFTERNOON = '2026-11-24T16:05:00Z'
const NIGHT = '2026-11-24T00:30:00Z'
const NOW = new Date('2026-11-24T18:00:00Z')
const LATER = new Date('2026-11-26T18:00:00Z')

describe('a time as the shop writes it', () => {
  it.each([
    ['24-hour', AFTERNOON, NOW, '16:05'],
    ['24-hour', NIGHT, NOW, '00:30'],
    ['24-hour', AFTERNOON, LATER, '24 Nov 16:05'],
    ['12-hour', AFTERNOON, NOW, '4:05 PM'],
    ['12-hour', NIGHT, NOW, '12:30 AM'],
    ['12-hour', AFTERNOON, LATER, '24 Nov 4:05 PM'],
  ] as const)('%s: %s', (clock, iso, now, text) => {
    expect(clockText(iso, clock, now)).toBe(text)
  })

  it('is due on a day with its hour', () => {
    expect(dueText('2031-11-27T16:00:00Z', '24-hour')).toBe('Thu 27 Nov 16:00')
    expect(dueText('2031-11-27T16:00:00Z', '12-hour')).toBe('Thu 27 Nov 4:00 PM')
    const soon = new Date()
    soon.setHours(23, 59)
    expect(dueText(soon.toISOString(), '12-hour')).toBe('today 11:59 PM')
  })
})
