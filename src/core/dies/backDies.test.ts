import fc from 'fast-check'
import { die } from '../../../tests/factories/parts'
import { snapBackPusher, snapBackSupport } from './backDies'

const face = (outerDiameterMm: number, over: Parameters<typeof die>[0] = {}) =>
  die({ id: Math.round(outerDiameterMm * 10), code: `P${outerDiameterMm}`, outerDiameterMm, ...over })
const ring = (openingMm: number, over: Parameters<typeof die>[0] = {}) =>
  die({
    id: Math.round(openingMm * 10),
    code: `S${openingMm}`,
    role: 'support',
    openingMm,
    outerDiameterMm: openingMm + 4,
    recessDepthMm: 7,
    ...over,
  })
const code = (outcome: ReturnType<typeof snapBackPusher>) => (outcome.ok ? outcome.best.die.code : null)

describe('dies that snap a back on (common practice)', () => {
  it('bear on the rim: 0.5–2 smaller than the back, both limits included', () => {
    const set = Array.from({ length: 300 }, (_, i) => face(Number((20 + i / 10).toFixed(1))))
    fc.assert(
      fc.property(fc.integer({ min: 240, max: 460 }), (tenths) => {
        const outcome = snapBackPusher(set, tenths / 10)
        if (!outcome.ok) throw new Error('the set covers this range')
        const under = [outcome.best, ...outcome.alternatives].map(
          (choice) => tenths - Math.round(choice.die.outerDiameterMm * 10),
        )
        expect([Math.min(...under), Math.max(...under)]).toEqual([5, 20])
      }),
    )
  })

  it('take the face that is recessed in the middle, plastic before metal, the largest of the rest', () => {
    const hollow = face(34, { code: 'H34', openingMm: 31, recessDepthMm: 2.5 })
    expect(code(snapBackPusher([face(35), face(34), hollow], 35.6))).toBe('H34')
    expect(code(snapBackPusher([face(34), face(35), face(35.1, { material: 'steel' })], 35.6))).toBe('P35')
  })

  it('refuse a small one, by name and with what would do', () => {
    const only = snapBackPusher([face(29), face(31)], 35.6)
    expect(only.ok ? null : only.why).toBe('A face of 33.6–35.1 would do; P31 and smaller would dish it')
    const beside = snapBackPusher([face(31), face(35)], 35.6)
    expect(beside.ok && beside.best.reasons).toEqual([
      '0.6 under the 35.6 back, so it bears on its rim',
      'P31 and smaller would dish it',
      'nylon does not mark the back',
    ])
  })

  it('hold the head by its case, never by the glass', () => {
    const watch = { crystalMm: 30, domeMm: 0, caseDiameterMm: 37 }
    expect(code(snapBackSupport([ring(30.9), ring(31), ring(32)], watch))).toBe('S31')
    expect(code(snapBackSupport([ring(31, { outerDiameterMm: 37.1 })], watch))).toBeNull()
    expect(code(snapBackSupport([face(34)], watch))).toBeNull()
    const domed = { ...watch, domeMm: 2 }
    expect(code(snapBackSupport([ring(31, { recessDepthMm: 2.2 })], domed))).toBeNull()
    expect(code(snapBackSupport([ring(31, { recessDepthMm: 2.3 })], domed))).toBe('S31')
    const none = snapBackSupport([ring(30)], domed)
    expect(none.ok ? null : none.why).toBe(
      'A ring with an opening of 31.0–36.2, at least 2.3 deep would do: on the glass it breaks it.',
    )
  })
})
