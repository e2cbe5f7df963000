import fc from 'fast-check'
import { instrumentText } from './instrumentText'
import { MM_PER_INCH } from './parseReading'

const mm = (line: string) => {
  const read = instrumentText(line)
  return read.ok ? read.valueMm : read.reason
}

describe('instrumentText', () => {
  it.each([
    ['+0030.02 mm\r', 30.02],
    ['-0000.005 mm\r\n', -0.005],
    ['30,02', 30.02],
    ['  30.02mm', 30.02],
    ['- 0.01 mm', -0.01],
    ['\u000230.02\u0003', 30.02],
    ['1.1811 in', 1.1811 * MM_PER_INCH],
    ['+01.1811"', 1.1811 * MM_PER_INCH],
  ])('reads %j', (line, valueMm) => {
    expect(mm(line)).toBeCloseTo(valueMm, 9)
  })

  it.each([
    ['', 'empty'],
    ['\r\n', 'empty'],
    ['30.02\n30.03', 'several-lines'],
    ['1'.repeat(60), 'too-long'],
    ['30.02 30.03', 'several-figures'],
    ['ERR', 'no-figure'],
    ['-----', 'no-figure'],
    ['30.02 kg', 'unit'],
    ['30.02 cm', 'unit'],
    ['30.0.2', 'several-figures'],
  ])('refuses %j as %s', (line, reason) => {
    expect(mm(line)).toBe(reason)
  })

  it('never throws and never takes what is no number', () => {
    fc.assert(
      fc.property(fc.string(), (line) => {
        const read = instrumentText(line)
        if (read.ok) expect(Number.isFinite(read.valueMm)).toBe(true)
      }),
    )
  })
})
