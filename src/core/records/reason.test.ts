import { MOST_REASON, reasonObjection } from './reason'

const AS = 'jaws tilted'

describe('a reason', () => {
  it.each([
    'jaws tilted',
    'no',
    ' not needed on this piece ',
    'bore 31.20 read askew',
    '已换',
    'too tight by 0.02 mm',
  ])('says why: %s', (text) => expect(reasonObjection(text, AS)).toBeNull())

  it.each(['1.00', ' 30,02 ', '+0.05', '30.02 mm', '.95'])('is no figure an instrument sent: %s', (text) => {
    expect(reasonObjection(text, AS)).toBe(
      `Reason: “${text.trim()}” is a figure, not a reason; say in a word why, as “jaws tilted”.`,
    )
  })

  it.each(['x', '…', '- -', '1.00 1.01'])('is more than a mark: %s', (text) => {
    expect(reasonObjection(text, AS)).toBe('Reason: say in a word why, as “jaws tilted”.')
  })

  it('is there, and one line long', () => {
    expect(reasonObjection('  ', AS)).toMatch(/^Reason is missing: say in a word why/)
    expect(reasonObjection('a'.repeat(MOST_REASON), AS)).toBeNull()
    expect(reasonObjection('a'.repeat(MOST_REASON + 1), AS)).toMatch(/at most 200 characters/)
  })
})
