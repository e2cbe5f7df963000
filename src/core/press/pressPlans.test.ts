import { die } from '../../../tests/factories/parts'
import type { Retention } from '../construction/kinds'
import { RETENTIONS } from '../construction/kinds'
import type { PlannedPress } from './pressPlan'
import { pressNeeds, pressPlan } from './pressPlan'
import { PRESS_KINDS } from './PressStep'

function facts(retention: Retention, over: Partial<PlannedPress> = {}): PlannedPress {
  const needs = pressNeeds(retention)
  return {
    retention,
    ringed: true,
    pusher: needs.pusher ? die() : null,
    support: needs.support ? die({ role: 'support' }) : null,
    pressKind: 'screw',
    bevelMm: 0.2,
    glassSplinters: false,
    ...over,
  }
}
const actions = (of: PlannedPress) => pressPlan(of).steps.map(({ action }) => action)
const firstWith = (of: PlannedPress, words: RegExp) => actions(of).findIndex((action) => words.test(action))

describe.each(RETENTIONS)('press plan: %s (common practice)', (retention) => {
  const plan = pressPlan(facts(retention))

  it('says each step once, with its reason', () => {
    expect(plan.steps.length).toBeGreaterThanOrEqual(4)
    expect(new Set(plan.steps.map(({ action }) => action)).size).toBe(plan.steps.length)
    expect(plan.steps.every(({ action, why }) => action !== '' && why !== '')).toBe(true)
  })

  it('asks for eye protection and clear fingers exactly where a press is used', () => {
    const warned = plan.cautions.join(' ')
    expect(/Eye protection/.test(warned)).toBe(pressNeeds(retention).pusher)
    expect(/Fingers clear/.test(warned)).toBe(pressNeeds(retention).pusher)
    expect(warned).toMatch(/Finger cots/)
  })

  it('talks of a cushion only where there is a die, and never of a press for a sprung or cemented crystal', () => {
    expect(plan.cushion !== '').toBe(pressNeeds(retention).pusher)
    if (!pressNeeds(retention).pusher)
      expect(actions(facts(retention)).join()).not.toMatch(/die|press again/i)
  })

  it('names every bare metal face, and no plastic one', () => {
    if (!pressNeeds(retention).pusher) return
    const metal = facts(retention, {
      pusher: die({ material: 'aluminium' }),
      support: die({ role: 'support', material: 'steel' }),
    })
    expect(pressPlan(metal).cushion).toBe('soft cloth or film on the aluminium pusher and the steel support')
    const half = facts(retention, { pusher: die({ material: 'aluminium' }) })
    expect(pressPlan(half).cushion).toBe('soft cloth or film on the aluminium pusher')
  })
})

describe('pressNeeds (common practice)', () => {
  it('sprung, cemented and turned-down crystals go in by hand, all others under a press with both dies', () => {
    const byHand = RETENTIONS.filter((retention) => !pressNeeds(retention).pusher)
    expect(byHand).toEqual(['snap-acrylic', 'cemented', 'bayonet-ring'])
    for (const retention of RETENTIONS)
      expect(pressNeeds(retention).support).toBe(pressNeeds(retention).pusher)
  })
})

describe('press plan, what each construction asks for', () => {
  it('ring gasket: gasket first, then the crystal, turned by quarters, then stop', () => {
    const of = facts('tension-gasket')
    expect(firstWith(of, /Gasket into the case first/)).toBe(0)
    expect(firstWith(of, /Hand-start/)).toBe(1)
    expect(firstWith(of, /Stop when home/)).toBe(actions(of).length - 1)
  })

  it('removable bezel: filled off the case, so that no hands lie under the press', () => {
    expect(actions(facts('press-in-bezel'))[0]).toMatch(
      /Off the case: gasket and chapter ring into the bezel/,
    )
  })

  it('neck and bezel: the die bears on the bezel only, light first, home when no gap is left', () => {
    const of = facts('neck-and-bezel')
    expect(actions(of)[0]).toMatch(/New ring round the crystal/)
    expect(actions(facts('neck-and-bezel', { ringed: false }))[0]).toBe('Crystal square over the neck')
    expect(firstWith(of, /bears on the bezel only/)).toBeLessThan(firstWith(of, /no gap all round/))
  })

  it('tension ring: hollow die on the edge, never on the dome', () => {
    expect(actions(facts('tension-ring-acrylic')).join()).toMatch(/on the edge, never on the dome/)
  })

  it('snapped: squeezed evenly, lowered level, and it must not turn', () => {
    const of = facts('snap-acrylic')
    expect(firstWith(of, /Squeeze/)).toBeLessThan(firstWith(of, /Lower it level/))
    expect(actions(of).at(-1)).toMatch(/must not move/)
  })

  it('cemented: tried dry before any cement, with air and no flame', () => {
    const of = facts('cemented')
    expect(firstWith(of, /dry/)).toBeLessThan(firstWith(of, /bead/))
    expect(pressPlan(of).cautions.join()).toMatch(/ventilate, no flame/)
  })

  it.each(PRESS_KINDS)('the hand on a %s is told what to feel for', (pressKind) => {
    const word = { lever: /gently/, screw: /slowly/ }[pressKind]
    const bezel = { lever: /clicks/, screw: /slowly/ }[pressKind]
    expect(actions(facts('tension-gasket', { pressKind })).join()).toMatch(word)
    expect(actions(facts('press-in-bezel', { pressKind })).join()).toMatch(word)
    expect(actions(facts('neck-and-bezel', { pressKind })).join()).toMatch(bezel)
  })

  it('a bevel is turned outward, where there is one', () => {
    expect(actions(facts('tension-gasket')).join()).toMatch(/bevel outward/)
    expect(actions(facts('tension-gasket', { bevelMm: 0 })).join()).not.toMatch(/bevel/)
  })

  it('splinters are told of wherever they lie, pressed or not', () => {
    for (const retention of RETENTIONS)
      expect(pressPlan(facts(retention, { glassSplinters: true })).cautions.join()).toMatch(
        /no fragment left/,
      )
  })
})
