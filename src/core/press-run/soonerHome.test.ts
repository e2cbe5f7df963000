import { soonerHomeMm } from './soonerHome'

const USUAL = { runs: 8, homeMm: 0.9, homeSpreadMm: 0.015 }
const after = (wayMm: number) => ({ contactMm: 0.3, homeMm: 0.3 + wayMm })

describe('soonerHomeMm', () => {
  it('tells what came to lie sooner than runs differ by', () => {
    expect(soonerHomeMm(after(0.82), USUAL)).toBeCloseTo(0.08)
    expect(soonerHomeMm(after(0.86), USUAL)).toBeNull()
    // As good runs scatter, so much more has to be said.
    expect(soonerHomeMm(after(0.82), { ...USUAL, homeSpreadMm: 0.04 })).toBeNull()
    expect(soonerHomeMm(after(1.1), USUAL)).toBeNull()
  })

  it('says nothing where nothing is known', () => {
    expect(soonerHomeMm(after(0.5), null)).toBeNull()
    expect(soonerHomeMm(after(0.5), { ...USUAL, runs: 4 })).toBeNull()
    expect(soonerHomeMm(after(0.5), { ...USUAL, homeMm: null })).toBeNull()
    expect(soonerHomeMm({ contactMm: 0.3, homeMm: null }, USUAL)).toBeNull()
    expect(soonerHomeMm({ contactMm: null, homeMm: 1 }, USUAL)).toBeNull()
  })
})
