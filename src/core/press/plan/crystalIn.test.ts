import { die, stockCrystal } from '../../../../tests/factories/parts'
import { LEVER, pressAsked, pressCase, SCREW } from '../../../../tests/factories/pressCase'
import { caseSheet } from '../../../../tests/factories/caseSheet'
import type { Retention } from '../../construction/kinds'
import { RETENTIONS } from '../../construction/kinds'
import type { Die } from '../../dies/Die'
import type { PlannedDie } from './PlannedDie'
import { pressNeeds } from '../pressOutcomes'
import type { PressKind } from '../PressStep'
import { PRESS_KINDS } from '../PressStep'
import { pressPlan } from './pressPlan'

interface Facts {
  readonly retention: Retention
  readonly ringed?: boolean
  readonly pusher?: Die
  readonly support?: Die
  readonly pressKind?: PressKind
  readonly bevelMm?: number
  readonly glassSplinters?: boolean
}

function facts(retention: Retention, over: Omit<Facts, 'retention'> = {}): Facts {
  return { retention, ...over }
}

const planned = (best: Die): PlannedDie => ({
  role: best.role === 'support' ? 'support' : 'pusher',
  outcome: { ok: true, best: { die: best, reasons: [] }, alternatives: [] },
  by: '',
})

/** The plan of a picked crystal, by its construction. */
function planOf({ retention, ringed = true, pressKind = 'screw', bevelMm = 0.2, ...of }: Facts) {
  const needs = pressNeeds(retention)
  const base = pressCase({ sheet: caseSheet({ retention }) })
  const picked = base.picked && {
    ...base.picked,
    crystal: stockCrystal({ bevelMm }),
    gasket: ringed ? base.picked.gasket : null,
  }
  const crystalState = of.glassSplinters ? 'shattered' : 'whole'
  return pressPlan(
    { ...base, picked, facts: { ...base.facts, retention, crystalState } },
    'crystal-in',
    pressAsked({
      press: pressKind === 'lever' ? LEVER : SCREW,
      crystalDies: needs.pusher
        ? [planned(of.pusher ?? die()), planned(of.support ?? die({ role: 'support' }))]
        : [],
    }),
  )
}
const actions = (of: Facts) => planOf(of).steps.map(({ action }) => action)
const firstWith = (of: Facts, words: RegExp) => actions(of).findIndex((action) => words.test(action))

describe.each(RETENTIONS)('press plan: %s (common practice)', (retention) => {
  const plan = planOf(facts(retention))

  it('says each step once, with its reason', () => {
    expect(plan.steps.length).toBeGreaterThanOrEqual(3)
    expect(new Set(plan.steps.map(({ action }) => action)).size).toBe(plan.steps.length)
    expect(plan.steps.every(({ action, why }) => action !== '' && why !== '')).toBe(true)
  })

  it('asks for eye protection and clear fingers exactly where a press is used', () => {
    const warned = plan.warnings.join(' ')
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
    expect(planOf(metal).cushion).toBe('soft cloth or film on the aluminium pusher and the steel support')
    const half = facts(retention, { pusher: die({ material: 'aluminium' }) })
    expect(planOf(half).cushion).toBe('soft cloth or film on the aluminium pusher')
  })
})

describe('pressNeeds (common practice)', () => {
  it('sprung, cemented and turned-down crystals go in by hand, and over a neck; all others under a press with both dies', () => {
    const byHand = RETENTIONS.filter((retention) => !pressNeeds(retention).pusher)
    expect(byHand).toEqual(['neck-and-bezel', 'snap-acrylic', 'cemented', 'bayonet-ring'])
    for (const retention of RETENTIONS)
      expect(pressNeeds(retention).support).toBe(pressNeeds(retention).pusher)
  })
})

describe('press plan, what every press of a crystal says', () => {
  it('puts the gasket in first, starts by hand, turns, and stops when home', () => {
    const told = actions(facts('tension-gasket'))
    expect(told[0]).toMatch(/Gasket into the case first/)
    expect(told[1]).toMatch(/bevel outward/)
    expect(told.findIndex((action) => /Quarter turn/.test(action))).toBe(3)
    expect(told.at(-1)).toBe('Stop when home')
    expect(planOf(facts('tension-gasket')).stop).toMatch(/as soon as it is home/)
  })

  it('says what it bears on, what it rests on and what it must not touch', () => {
    const plan = planOf(facts('tension-gasket'))
    expect(plan.presses).toMatch(/near its edge/)
    expect(plan.restsOn).toMatch(/clear of crown/)
    expect(plan.spare).toEqual(['the crown'])
    expect(planOf(facts('press-in-bezel')).restsOn).toBe('the bezel, off its case')
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

  it('neck and bezel: laid on by hand, and nothing pressed before the bezel', () => {
    const of = facts('neck-and-bezel')
    expect(actions(of)[0]).toMatch(/New ring round the crystal/)
    expect(actions(facts('neck-and-bezel', { ringed: false }))[0]).toBe('Crystal square over the neck')
    expect(actions(of).at(-1)).toMatch(/until the bezel goes on, light and then final/)
    expect(planOf(of).dies).toEqual([])
  })

  it('tension ring: hollow die on the edge, never on the dome', () => {
    expect(actions(facts('tension-ring-acrylic')).join()).toMatch(/on the edge, never on the dome/)
  })

  it('snapped: squeezed evenly, lowered level, and it must not turn', () => {
    const of = facts('snap-acrylic')
    expect(firstWith(of, /Claw lift closed evenly/)).toBeLessThan(firstWith(of, /Lower it level/))
    expect(actions(of).at(-1)).toMatch(/must not move/)
  })

  it('cemented: tried dry before any cement, with air and no flame', () => {
    const of = facts('cemented')
    expect(firstWith(of, /dry/)).toBeLessThan(firstWith(of, /bead/))
    expect(planOf(of).warnings.join()).toMatch(/ventilate, no flame/)
  })

  it.each(PRESS_KINDS)('the hand on a %s is told what to feel for', (pressKind) => {
    const word = { lever: /gently/, screw: /slowly/ }[pressKind]
    expect(actions(facts('tension-gasket', { pressKind })).join()).toMatch(word)
    expect(actions(facts('press-in-bezel', { pressKind })).join()).toMatch(word)
  })

  it('a bevel is turned outward, where there is one', () => {
    expect(actions(facts('tension-gasket')).join()).toMatch(/bevel outward/)
    expect(actions(facts('tension-gasket', { bevelMm: 0 })).join()).not.toMatch(/bevel/)
  })

  it('splinters are told of wherever they lie, pressed or not', () => {
    for (const retention of RETENTIONS)
      expect(planOf(facts(retention, { glassSplinters: true })).warnings.join()).toMatch(/no fragment left/)
  })
})
