import { learnedSqueeze } from './pastFigures'

const HOLD = {
  title: 'Squeeze',
  value: '5.0 %',
  state: 'good',
  standardUncertainty: 0.01,
  unit: 'share',
} as const
const run = (outcome: 'home' | 'broke', hold: string | null, peakForceN: number | null = null) =>
  ({ outcome, hold, peakForceN }) as Parameters<typeof learnedSqueeze>[2][number]

describe('learnedSqueeze', () => {
  it('draws what went home here towards the handbook’s band: its middle, and a quarter of it as spread', () => {
    const learned = learnedSqueeze(HOLD, { low: 0.02, high: 0.06 }, [
      run('home', 'Squeeze 4.0 %'),
      run('broke', 'Squeeze 9.0 %'),
      run('home', null),
    ])
    // One run at the handbook's own middle moves nothing.
    expect(learned).toMatchObject({ mean: 0.04, runs: 1 })
    expect(learned?.standardDeviation).toBeLessThanOrEqual(0.01)
    expect(learned?.standardDeviation).toBeGreaterThan(0.005)
  })

  it('tells nothing where nothing was squeezed home, or something else holds', () => {
    expect(learnedSqueeze(HOLD, { low: 0.02, high: 0.06 }, [run('broke', 'Squeeze 4.0 %')])).toBeNull()
    const gap = { ...HOLD, title: 'Gap' } as const
    expect(learnedSqueeze(gap, { low: 0.02, high: 0.06 }, [run('home', 'Squeeze 4.0 %')])).toBeNull()
  })
})
