import { pressScales } from './pressScales'

describe('pressScales', () => {
  const size = { width: 600, height: 250 }

  it('hold run, envelope and the force expected', () => {
    const envelope = {
      runs: 2,
      homeMm: 0.9,
      homeSpreadMm: 0.02,
      points: [{ atMm: 1.4, leastN: 100, mostN: 420 }],
    }
    const { x, y } = pressScales([[0, 0.2, 5]], envelope, { expectedMostN: 300, contactMm: 0.3 }, size)
    expect(x.domain()[1]).toBeGreaterThan(1.7)
    expect(y.domain()[1]).toBeGreaterThan(420)
    expect(y(0)).toBeGreaterThan(y(400))
  })

  it('keep room where nothing was pressed yet', () => {
    const { x, y } = pressScales([], null, { expectedMostN: 0, contactMm: 0.3 }, size)
    expect(x.domain()[1]).toBeGreaterThan(1)
    expect(y.domain()[1]).toBeGreaterThan(100)
  })
})
