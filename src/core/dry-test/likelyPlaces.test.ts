import { jobFacts } from '../../../tests/factories/jobFacts'
import { jobOf } from '../procedure/jobOf'
import { procedure } from '../procedure/procedure'
import type { LeakSigns } from './likelyPlaces'
import { LEAK_PLACES } from './LeakPlace'
import { againstWorkingOn, likelyPlaces, stepsAnew } from './likelyPlaces'

const signs = (facts: Parameters<typeof jobFacts>[0], over: Partial<LeakSigns> = {}): LeakSigns => ({
  job: jobOf(jobFacts(facts)),
  findings: [],
  rimUneven: false,
  triedHere: [],
  foundBefore: [],
  ...over,
})
const share = (of: LeakSigns, place: string) =>
  likelyPlaces(of).find((one) => one.place === place)?.share ?? 0

describe('likelyPlaces', () => {
  it('shares out all that is likely, the likeliest first, among places the case has', () => {
    const places = likelyPlaces(signs({}))
    expect(places.reduce((sum, one) => sum + one.share, 0)).toBeCloseTo(1, 12)
    expect(places.map((one) => one.share)).toEqual(places.map((one) => one.share).toSorted((a, b) => b - a))
    expect(places.map(({ place }) => place)).not.toContain('pusher')
    expect(likelyPlaces(signs({ pushers: true }))).toHaveLength(LEAK_PLACES.length)
    expect(share(signs({ crownKind: 'none' }), 'crown')).toBe(0)
    expect(share(signs({ backKind: 'one-piece-front-loader' }), 'back')).toBe(0)
  })

  it('looks first at the back that came off too easily, and at a rim that stands high', () => {
    const usual = signs({})
    const loose = signs({}, { findings: [{ kind: 'back-tightness', words: 'too-easy' }] })
    expect(share(loose, 'back')).toBeGreaterThan(share(usual, 'back'))
    expect(likelyPlaces(loose)[0]).toMatchObject({
      place: 'back',
      because: ['the back came off too easily', expect.any(String)],
    })
    expect(likelyPlaces(signs({}, { rimUneven: true }))[0]?.place).toBe('crystal')
  })

  it('thinks less of a crown that was seen to, and of what was tried here already', () => {
    expect(share(signs({ asked: ['crystal', 'reseal'] }), 'crown')).toBeLessThan(share(signs({}), 'crown'))
    expect(share(signs({}, { triedHere: ['back'] }), 'back')).toBeLessThan(share(signs({}), 'back'))
  })

  it('learns from leaks this shop has found', () => {
    const found = signs({}, { foundBefore: Array.from({ length: 12 }, () => 'crystal' as const) })
    expect(likelyPlaces(found)[0]).toMatchObject({ place: 'crystal' })
    expect(likelyPlaces(found)[0]?.because).toContain('it was the one 12 times in this shop')
  })
})

describe('what a place opens again', () => {
  const steps = (facts: Parameters<typeof jobFacts>[0]) => procedure(jobFacts(facts)).steps

  it('is the work on it, in a job that had none of it too', () => {
    expect(stepsAnew('back', steps({}))).toEqual(['back-seal-in', 'underside-inspect', 'back-on'])
    expect(stepsAnew('crown', steps({}))).toEqual([])
    expect(stepsAnew('crown', steps({ leaksSuspected: ['crown'] }))).toEqual(['crown-seal'])
    expect(stepsAnew('pusher', steps({ pushers: true, leaksSuspected: ['pusher'] }))).toEqual([
      'pusher-seals',
    ])
    expect(steps({ asked: ['insert'], leaksSuspected: ['back'] }).map(({ id }) => id)).toContain('back-on')
  })

  it('is nothing of a crystal that is none of the job', () => {
    expect(againstWorkingOn('crystal', jobOf(jobFacts({ asked: ['battery'] })))).toMatch(/add it at Intake/)
    expect(againstWorkingOn('crystal', jobOf(jobFacts()))).toBeNull()
  })
})
