import { flowPaM3PerS, flowUgPerMin, timeConstantS } from './leakFlow'

const air = { volumeCm3: 1.5, pressureBar: 2, temperatureC: 20 }

describe('a leak as flow and as time constant', () => {
  it('are the figures of the limit for a small case', () => {
    expect(flowPaM3PerS(50, 20) / 7.012e-5).toBeCloseTo(1, 3)
    expect(timeConstantS(50, air)).toBeCloseTo(4278, 0)
    expect(timeConstantS(50, { ...air, pressureBar: 6 })).toBeCloseTo(12_834, -1)
  })

  it.each([
    [4278, [1.393, 2.766, 4.12]],
    [12_834, [0.466, 0.931, 1.393]],
  ])('lose so much in a minute, two and three with a time constant of %d s', (tau, percent) => {
    for (const [i, lost] of percent.entries())
      expect(100 * (1 - Math.exp((-60 * (i + 1)) / tau))).toBeCloseTo(lost, 3)
  })

  it('go over into each other', () => {
    for (const flow of [1, 50, 3000]) expect(flowUgPerMin(timeConstantS(flow, air), air)).toBeCloseTo(flow, 9)
  })

  it('are the air that leaves, counted in molecules', () => {
    // Another way round: moles that fill the volume at the difference, times their mass, over the time constant.
    const boltzmann = 1.380649e-23
    const molecules = (2e5 * 1.5e-6) / (boltzmann * 293.15)
    const kg = (molecules / 6.02214076e23) * 0.0289644
    expect((kg / timeConstantS(50, air)) * 60 * 1e9).toBeCloseTo(50, 6)
  })

  it('are none of nothing', () => {
    expect(() => timeConstantS(0, air)).toThrow(RangeError)
    expect(() => timeConstantS(50, { ...air, volumeCm3: 0 })).toThrow(/volumeCm3/)
  })
})
