import { DIE_POLICY } from './diePolicy'
import fc from 'fast-check'
import { die } from '../../../tests/factories/parts'
import { pressInPusher, pressInSupport } from './pressInDies'

const support = (openingMm: number, outerDiameterMm: number, id = openingMm) =>
  die({ id, role: 'support', code: `S${openingMm}`, openingMm, outerDiameterMm, recessDepthMm: 6 })

describe('pressInPusher', () => {
  it('only ever takes a die within the window under the crystal', () => {
    const set = Array.from({ length: 40 }, (_, i) => die({ id: i, outerDiameterMm: 15 + i / 2 }))
    fc.assert(
      fc.property(fc.double({ min: 17, max: 33, noNaN: true }), (diameterMm) => {
        const outcome = pressInPusher(set, { diameterMm, topRiseMm: 0 }, DIE_POLICY)
        if (!outcome.ok) throw new Error('the set covers this range')
        const under = diameterMm - outcome.best.die.outerDiameterMm
        expect(under).toBeGreaterThanOrEqual(0.5 - 1e-9)
        expect(under).toBeLessThanOrEqual(1.5 + 1e-9)
      }),
    )
  })

  it('takes plastic before metal of the same size and says why', () => {
    const set = [die({ id: 1, material: 'aluminium' }), die({ id: 2, material: 'nylon' })]
    const outcome = pressInPusher(set, { diameterMm: 30, topRiseMm: 0 }, DIE_POLICY)
    expect(outcome.ok && outcome.best.die.id).toBe(2)
    expect(outcome.ok && outcome.alternatives[0]?.reasons.join()).toMatch(/cloth or film/)
  })

  it('wants a hollow face for a dome', () => {
    const set = [die({ id: 1 }), die({ id: 2, openingMm: 26, recessDepthMm: 2 })]
    const outcome = pressInPusher(set, { diameterMm: 30, topRiseMm: 1 }, DIE_POLICY)
    expect(outcome.ok && outcome.best.die.id).toBe(2)
    const shallow = pressInPusher(set, { diameterMm: 30, topRiseMm: 2 }, DIE_POLICY)
    expect(shallow.ok).toBe(false)
  })

  it('says what would do when none fits', () => {
    const outcome = pressInPusher(
      [die({ outerDiameterMm: 25 })],
      { diameterMm: 30, topRiseMm: 0 },
      DIE_POLICY,
    )
    if (outcome.ok) throw new Error('25 is too small')
    expect(outcome.wanted).toMatchObject({ leastOuterMm: 28.5, mostOuterMm: 29.5 })
    expect(outcome.nearest?.outerDiameterMm).toBe(25)
    expect(outcome.why).toMatch(/28.5–29.5 would do/)
  })
})

describe('pressInSupport', () => {
  const watchCase = { boreMm: 31, caseDiameterMm: 38, lies: 'case' } as const

  it('clears the bore, bears on the case and stays inside its side', () => {
    const outcome = pressInSupport([support(30, 36), support(32, 36), support(33, 40)], watchCase, DIE_POLICY)
    expect(outcome.ok && outcome.best.die.openingMm).toBe(32)
  })

  it('prefers the widest bearing ring', () => {
    const outcome = pressInSupport([support(33, 36.5), support(31.5, 36.5)], watchCase, DIE_POLICY)
    expect(outcome.ok && outcome.best.die.openingMm).toBe(31.5)
  })

  it('says what would do, and says when the case side leaves no room', () => {
    const none = pressInSupport([], watchCase, DIE_POLICY)
    expect(none.ok ? '' : none.why).toMatch(/opening of 31.5–35.0 and an outside of at most 37.0/)
    const thin = pressInSupport([], { boreMm: 31, caseDiameterMm: 33, lies: 'case' }, DIE_POLICY)
    expect(thin.ok ? '' : thin.why).toMatch(/relief for the crown/)
  })

  it('gives a bezel off its case its whole width: there is no crown to stay clear of', () => {
    const bezel = { boreMm: 31, caseDiameterMm: 36, lies: 'bezel' } as const
    const wide = support(32, 36)
    expect(pressInSupport([wide], { ...bezel, lies: 'case' }, DIE_POLICY).ok).toBe(false)
    const outcome = pressInSupport([wide], bezel, DIE_POLICY)
    expect(outcome.ok && outcome.best.reasons[1]).toBe('bears on 2.0 of bezel, inside its 36.0')
    const thin = pressInSupport([], { ...bezel, caseDiameterMm: 33 }, DIE_POLICY)
    expect(thin.ok ? '' : thin.why).toMatch(/lay it on a flat plate/)
  })
})
