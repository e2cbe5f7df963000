import type { PressReading } from '@/core/press-run/PressReading'
import { pressCue } from './pressCue'
import { pressScales } from './pressScales'

const SLIDING: PressReading = {
  verdict: 'not-home',
  probability: 0.98,
  evidence: { fromMm: 0.5, toMm: 0.9 },
  because: '',
  phases: [
    { phase: 'free', fromMm: 0, toMm: 0.3 },
    { phase: 'ramp', fromMm: 0.3, toMm: 0.5 },
    { phase: 'slide', fromMm: 0.5, toMm: 0.9 },
  ],
  contactMm: 0.3,
  homeMm: null,
  slideN: 180,
  peakN: 190,
}

describe('pressCue', () => {
  it('says where the crystal is, and stop once it is home or gives way', () => {
    expect(pressCue(null)).toEqual({ words: 'Press gently', kind: 'wait' })
    expect(pressCue({ ...SLIDING, contactMm: null }).kind).toBe('wait')
    expect(pressCue(SLIDING)).toEqual({ words: 'Sliding', kind: 'go' })
    expect(pressCue({ ...SLIDING, verdict: 'good', homeMm: 1 })).toEqual({
      words: 'Home: stop',
      kind: 'home',
    })
    expect(pressCue({ ...SLIDING, verdict: 'cracked' }).kind).toBe('stop')
    expect(pressCue({ ...SLIDING, verdict: 'over-pressed' }).kind).toBe('stop')
  })
})

describe('pressScales', () => {
  const size = { width: 600, height: 250 }

  it('hold run, envelope and the force expected', () => {
    const envelope = { runs: 2, homeMm: 0.9, points: [{ atMm: 1.4, leastN: 100, mostN: 420 }] }
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
