import { matchesWords } from './matchesWords'

describe('matchesWords', () => {
  const row = { code: 'MF-300-10', diameterMm: 30, material: 'hardened-mineral', note: null }

  it('finds by every word, numbers by value', () => {
    expect(matchesWords(row, '30.0 mineral')).toBe(true)
    expect(matchesWords(row, '30,0')).toBe(true)
    expect(matchesWords(row, 'mf-300')).toBe(true)
    expect(matchesWords(row, '')).toBe(true)
    expect(matchesWords(row, '29 mineral')).toBe(false)
    expect(matchesWords(row, '30 sapphire')).toBe(false)
  })
})
