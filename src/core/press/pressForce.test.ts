import { pressForceN } from './pressForce'

describe('pressForceN', () => {
  // 0.2·π·30·(0.25·height)·min(1600/(1 − 0.16)·q, 55), worked by hand: the yield is met at q 0.0289.
  it.each([
    [1, 0.05, 259.18],
    [1.2, 0.05, 311.02],
    [1, 0.02, 179.52],
  ])('nylon %p high squeezed %p asks %p N', (heightMm, squeeze, force) => {
    expect(pressForceN({ material: 'nylon', heightMm }, 30, squeeze)).toBeCloseTo(force, 1)
  })

  // The same by hand: PTFE min(500/(1 − 0.2116)·q, 20) and 0.08; acetal min(2800/(1 − 0.1225)·q, 65) and 0.2.
  it.each([
    ['PTFE', 0.05, 37.7],
    ['PTFE', 0.02, 23.91],
    ['acetal', 0.05, 306.31],
    ['acetal', 0.02, 300.74],
    ['nitrile', 0.2, 29.77],
  ] as const)('%s squeezed %p asks %p N', (material, squeeze, force) => {
    expect(pressForceN({ material, heightMm: 1 }, 30, squeeze)).toBeCloseTo(force, 1)
  })

  it('refuses what is no squeeze', () => {
    expect(() => pressForceN({ material: 'nylon', heightMm: 1 }, 30, 0)).toThrow(/squeeze/)
    expect(() => pressForceN({ material: 'nylon', heightMm: 0 }, 30, 0.05)).toThrow(/heightMm/)
  })
})
