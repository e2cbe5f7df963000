import { withDecimals } from './decimals'

describe('figures in the shop’s way', () => {
  it('take a comma where the shop writes one', () => {
    expect(withDecimals('30.02 mm ±0.01, at 2.5 bar.', 'comma')).toBe('30,02 mm ±0,01, at 2,5 bar.')
    expect(withDecimals('0.20–0.40 N·m', 'comma')).toBe('0,20–0,40 N·m')
    expect(withDecimals('30.02 mm', 'point')).toBe('30.02 mm')
  })

  it('leave what is no figure as it is', () => {
    for (const text of ['23.11.2026', 'version 1.2.3', '16:00', 'tray 214. Then', 'ISO 22810'])
      expect(withDecimals(text, 'comma')).toBe(text)
  })
})
