import fc from 'fast-check'
import { formatMm, formatPercent, formatSignedMm, formatShares } from './formatMm'
import { parseMm } from './parseMm'

describe('parseMm', () => {
  it.each([
    ['30.02', 30.02, 2],
    ['30,02', 30.02, 2],
    ['+0030.02 mm', 30.02, 2],
    [' -0.05 ', -0.05, 2],
    ['.5', 0.5, 1],
    ['30', 30, 0],
    ['30.', 30, 0],
  ])('reads %s', (text, valueMm, decimals) => {
    expect(parseMm(text)).toEqual({ ok: true, valueMm, decimals })
  })

  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['thirty', 'not-a-number'],
    ['1,234.5', 'not-a-number'],
    ['3e1', 'not-a-number'],
    ['.', 'not-a-number'],
    ['30.0.2', 'not-a-number'],
    ['NaN', 'not-a-number'],
    ['1.18in', 'wrong-unit'],
    ['3.0 cm', 'wrong-unit'],
    ['1.18"', 'wrong-unit'],
  ])('refuses %s as %s', (text, code) => {
    expect(parseMm(text)).toEqual({ ok: false, code, text })
  })

  it('reads back whatever formatMm writes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999 }), (hundredths) => {
        const valueMm = hundredths / 100
        expect(parseMm(formatMm(valueMm))).toEqual({ ok: true, valueMm, decimals: 2 })
      }),
    )
  })
})

describe('formatMm', () => {
  it('shows the decimals of the resolution', () => {
    expect(formatMm(30, 0.01)).toBe('30.00')
    expect(formatMm(30.04, 0.1)).toBe('30.0')
    expect(formatMm(1.1004, 0.001)).toBe('1.100')
  })

  it('signs offsets and never writes minus zero', () => {
    expect(formatSignedMm(0.15)).toBe('+0.15')
    expect(formatSignedMm(-0.05)).toBe('−0.05')
    expect(formatSignedMm(-0.0001)).toBe('0.00')
  })

  it('never claims certainty', () => {
    expect(formatPercent(1)).toBe('> 99\u00A0%')
    expect(formatPercent(0.934)).toBe('93\u00A0%')
    expect(formatPercent(0.0001)).toBe('< 1\u00A0%')
    expect(formatShares(0.03, 0.2)).toBe('3–20\u00A0%')
    expect(formatShares(0.0112, 0.11, 1)).toBe('1.1–11.0\u00A0%')
  })
})
