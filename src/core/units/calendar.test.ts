import fc from 'fast-check'
import { isDate, isDateTime } from './calendar'

describe('a day', () => {
  it('is one of the calendar', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1900-01-01'), max: new Date('2199-12-31'), noInvalidDate: true }),
        (date) => isDate(date.toISOString().slice(0, 10)),
      ),
    )
    for (const day of ['2028-02-29', '1900-01-01', '2199-12-31'])
      expect([day, isDate(day)]).toEqual([day, true])
  })

  it.each([
    '2027-02-29',
    '2027-02-30',
    '1900-02-29',
    '2027-04-31',
    '2027-00-10',
    '2027-13-01',
    '2027-01-00',
    '2027-01-32',
    '1899-12-31',
    '2200-01-01',
    '99999-01-01',
    '2027-1-1',
    '24.12.2027',
    '2027-01-01T10:00',
    '',
  ])('is not “%s”', (text) => expect(isDate(text)).toBe(false))
})

describe('a day with a time', () => {
  it.each([
    '2026-11-24T16:00',
    '2026-11-24T00:00:00Z',
    '2026-11-24T23:59:59.999Z',
    '2026-11-24T16:00:00+01:00',
    '2026-11-24T16:00-09:30',
  ])('is %s', (text) => expect(isDateTime(text)).toBe(true))

  it.each([
    '2026-11-24',
    '2026-11-24T',
    '2026-11-24T24:00',
    '2026-11-24T16:60',
    '2026-11-24 16:00',
    '2027-02-30T10:00',
    '12345-01-01T10:00',
    '2026-11-24T16:00T16:00',
    '2026-11-24T16:00+15:00',
    'soon',
  ])('is not “%s”', (text) => expect(isDateTime(text)).toBe(false))
})
