import { levelStudy, leanStudy } from './levelStudy'

const JOBS = 500
const SEED = 7
const RESULTS = ([4, 6, 8] as const).map((pattern) => levelStudy(pattern, JOBS, SEED))

describe('levelStudy', () => {
  it.each([
    [4, 0.04],
    [6, 0.035],
    [8, 0.03],
  ] as const)('tells the tilt of rims read at %i places to %f mm in 95 of 100', (pattern, mostMm) => {
    const result = RESULTS.find((one) => one.pattern === pattern)
    expect(result?.tiltErrorMm).toBeLessThanOrEqual(mostMm)
  })

  it('finds dirt at six and eight places without crying wolf, and names no place of four', () => {
    const [four, six, eight] = RESULTS
    expect(four).toMatchObject({ dirtFound: null, falseAlarms: 0 })
    expect(six?.dirtFound).toBeGreaterThan(0.68)
    expect(eight?.dirtFound).toBeGreaterThan(0.75)
    expect(six?.falseAlarms).toBeLessThan(0.045)
    expect(eight?.falseAlarms).toBeLessThan(0.045)
  })
})

describe('leanStudy', () => {
  it.each([
    [8, 0.021],
    [12, 0.018],
  ])('knows a press’s lean after %i jobs to %f mm', (jobs, mostMm) => {
    expect(leanStudy(jobs, 600, SEED)).toBeLessThanOrEqual(mostMm)
  })
})
