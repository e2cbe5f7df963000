import type { PressReading } from './PressReading'
import { overLimit, pressCue } from './pressCue'

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

  it('says stop over a limit, whatever else it says, and names the lowest', () => {
    const limits = [
      { forceN: 400, of: 'press' },
      { forceN: 250.4, of: 'crystal' },
    ] as const
    expect(overLimit(250, limits)).toBeNull()
    expect(pressCue(SLIDING, overLimit(300, limits))).toEqual({
      words: 'Stop: over the crystal’s 250 N',
      kind: 'stop',
    })
    expect(pressCue(null, overLimit(500, limits.slice(0, 1))).words).toBe('Stop: over the press’s 400 N')
  })
})
