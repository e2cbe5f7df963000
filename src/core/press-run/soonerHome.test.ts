import { soonerHome } from './soonerHome'

const USUAL = { runs: 8, homeMm: 0.9, homeSpreadMm: 0.015 }
const after = (wayMm: number) => ({ contactMm: 0.3, homeMm: 0.3 + wayMm })

describe('soonerHome', () => {
  it('tells what came to lie sooner than runs differ by', () => {
    const sooner = soonerHome(after(0.82), USUAL)
    expect(sooner?.mm).toBeCloseTo(0.08)
    expect(sooner?.spreadMm).toBe(0.015)
    expect(soonerHome(after(0.86), USUAL)).toBeNull()
    // As good runs scatter, so much more has to be said.
    expect(soonerHome(after(0.82), { ...USUAL, homeSpreadMm: 0.04 })).toBeNull()
    expect(soonerHome(after(1.1), USUAL)).toBeNull()
  })

  it('says nothing where nothing is known', () => {
    expect(soonerHome(after(0.5), null)).toBeNull()
    expect(soonerHome(after(0.5), { ...USUAL, runs: 4 })).toBeNull()
    expect(soonerHome(after(0.5), { ...USUAL, homeMm: null })).toBeNull()
    expect(soonerHome({ contactMm: 0.3, homeMm: null }, USUAL)).toBeNull()
    expect(soonerHome({ contactMm: null, homeMm: 1 }, USUAL)).toBeNull()
  })
})
