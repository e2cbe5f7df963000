import { die } from '../../../tests/factories/parts'
import { pressPlan } from './pressPlan'

const FACTS = {
  retention: 'tension-gasket',
  ringed: true,
  pusher: die(),
  support: die({ role: 'support' }),
  pressKind: 'lever',
  bevelMm: 0.2,
  glassSplinters: true,
} as const

describe('pressPlan', () => {
  it('puts the gasket in first, starts by hand and stops when home', () => {
    const actions = pressPlan(FACTS).steps.map((s) => s.action)
    expect(actions[0]).toMatch(/Gasket into the case first/)
    expect(actions[1]).toMatch(/bevel outward/)
    expect(actions.at(-1)).toBe('Stop when home')
    expect(actions.findIndex((a) => /Quarter turn/.test(a))).toBe(3)
  })

  it('cushions metal and names which die', () => {
    expect(pressPlan(FACTS).cushion).toMatch(/none needed/)
    expect(pressPlan({ ...FACTS, pusher: die({ material: 'steel' }) }).cushion).toBe(
      'soft cloth or film on the steel pusher',
    )
  })

  it('warns of eyes always and of splinters when there are some', () => {
    expect(pressPlan(FACTS).cautions.join()).toMatch(/Eye protection.*splinters/)
    expect(pressPlan({ ...FACTS, glassSplinters: false }).cautions.join()).not.toMatch(/splinters/)
  })

  it('words the pressing for a lever and for a screw', () => {
    const third = (pressKind: 'lever' | 'screw') => pressPlan({ ...FACTS, pressKind }).steps[2]?.action
    expect(third('lever')).toMatch(/gently/)
    expect(third('screw')).toMatch(/slowly/)
  })
})
