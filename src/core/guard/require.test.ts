import {
  assertNever,
  requireAtLeast,
  requireFinite,
  requireInteger,
  requireNotNegative,
  requirePositive,
} from './require'

describe('guards', () => {
  it('let good figures pass', () => {
    expect(() => {
      requireFinite('zero', -0.01, 'mm')
      requirePositive('bore', 30.95, 'mm')
      requireNotNegative('foot', 0, 'mm')
      requireAtLeast('readings', [1, 2, 3], 3)
      requireInteger('quarter turns', 4, { min: 0, max: 40 })
    }).not.toThrow()
  })

  it.each([NaN, Infinity, -Infinity])('name what %p was meant to be', (value) => {
    expect(() => requireFinite('zero', value, 'mm')).toThrow(
      `zero: expected a finite number in mm, got ${value}`,
    )
    expect(() => requirePositive('bore', value, 'mm')).toThrow(`bore: expected > 0 mm, got ${value}`)
    expect(() => requireNotNegative('foot', value, 'mm')).toThrow(`foot: expected >= 0 mm, got ${value}`)
    expect(() => requireInteger('turns', value, { min: 0, max: 4 })).toThrow(/turns: expected a whole number/)
  })

  it('stop at nothing, below nothing, between and beyond', () => {
    expect(() => requirePositive('bore', 0, 'mm')).toThrow(RangeError)
    expect(() => requireNotNegative('foot', -1e-9, 'mm')).toThrow(RangeError)
    expect(() => requireInteger('turns', 1.5, { min: 0, max: 4 })).toThrow(RangeError)
    expect(() => requireInteger('turns', 5, { min: 0, max: 4 })).toThrow('from 0 to 4, got 5')
    expect(() => requireAtLeast('readings', [1], 2)).toThrow('readings: expected at least 2 values, got 1')
  })

  it('show a value nobody thought of', () => {
    expect(() => assertNever('glued-on' as never)).toThrow('unexpected value: "glued-on"')
  })
})
