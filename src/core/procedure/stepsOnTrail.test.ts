import fc from 'fast-check'
import { anyJobFacts } from '../../../tests/factories/anyJobFacts'
import { trailOf } from '../../../tests/factories/trailOf'
import { procedure } from './procedure'
import { isShownByTrail, saidByTick } from './stepsOnTrail'

const off = { takesOff: ['shell-screw', 'shell'], putsBack: [] } as const
const on = { takesOff: [], putsBack: ['movement', 'spacer'] } as const

describe('what a tick says of the trail', () => {
  it('takes off what comes in ones and is not off yet, and has the rest counted first', () => {
    expect(saidByTick({ takesOff: ['back'], putsBack: [] }, [], [])).toEqual({
      off: ['back'],
      back: [],
      renewed: [],
      against: null,
    })
    expect(saidByTick(off, [], []).against).toBe(
      'Count the shell screws on the parts trail first: they go back by that count.',
    )
    expect(saidByTick(off, trailOf(['shell-screw', 4]), [])).toEqual({
      off: ['shell'],
      back: [],
      renewed: [],
      against: null,
    })
    expect(saidByTick(off, trailOf(['shell-screw', 4], ['shell', 1]), []).off).toEqual([])
  })

  it('has at least two hands counted: a watch shows hours and minutes', () => {
    const hands = { takesOff: ['hand'], putsBack: [] } as const
    expect(saidByTick(hands, [], []).against).toMatch(/^Count the hands/)
    expect(saidByTick(hands, trailOf(['hand', 1]), []).against).toBe(
      '1 of at least 2 hands counted: count the rest on the parts trail, or leave this out for a reason.',
    )
    expect(saidByTick(hands, trailOf(['hand', 1], ['hand', 1]), []).against).toBeNull()
    expect(isShownByTrail(hands, trailOf(['hand', 1]))).toBe(false)
    expect(isShownByTrail(hands, trailOf(['hand', 2]))).toBe(true)
  })

  it('puts back what is off, but not what has to be counted back', () => {
    const out = trailOf(['movement', 1], ['spacer', 2])
    expect(saidByTick(on, out, []).against).toBe(
      'Still off by the parts trail: 2 spacers. Count them back there first.',
    )
    const counted = trailOf(['movement', 1], ['spacer', 2, 2])
    expect(saidByTick(on, counted, [])).toMatchObject({ against: null, back: [{ part: 'movement' }] })
    expect(saidByTick(on, [], [])).toEqual({ off: [], back: [], renewed: [], against: null })
  })
})

describe('what a tick says of new parts', () => {
  it('has a new one go in for what is renewed on this tray, its own for the rest', () => {
    const out = trailOf(['movement', 1], ['back-seal', 1])
    const said = saidByTick({ takesOff: [], putsBack: ['movement', 'back-seal'] }, out, ['back-seal'])
    expect(said).toMatchObject({
      back: [{ part: 'movement' }],
      renewed: [{ part: 'back-seal' }],
      against: null,
    })
  })
})

describe('what the trail says of a step', () => {
  it('is done when all of it is off', () => {
    expect(isShownByTrail(off, trailOf(['shell', 1]))).toBe(false)
    expect(isShownByTrail(off, trailOf(['shell', 1], ['shell-screw', 1]))).toBe(true)
  })

  it('is done when all that came off is back, and never by what was only left off', () => {
    expect(isShownByTrail(on, [])).toBe(false)
    expect(isShownByTrail(on, trailOf(['movement', 1, 1], ['spacer', 2, 1]))).toBe(false)
    expect(isShownByTrail(on, trailOf(['movement', 1, 1], ['spacer', 2, 2]))).toBe(true)
    const [left] = trailOf(['movement', 1])
    expect(isShownByTrail(on, left ? [{ ...left, open: 0, leftOff: 1 }] : [])).toBe(false)
  })
})

it('whatever job: what one step takes off, a later one puts back, or the run at the press does', () => {
  fc.assert(
    fc.property(anyJobFacts, (facts) => {
      const { steps } = procedure(facts)
      for (const [i, step] of steps.entries()) {
        for (const part of step.takesOff) {
          const later = steps.slice(i + 1)
          const byRun = part === 'crystal' || part === 'crystal-gasket'
          const goesBack = later.some(
            ({ id, putsBack }) => putsBack.includes(part) || (byRun && id === 'crystal-in'),
          )
          expect({ part, by: step.id, goesBack }).toEqual({ part, by: step.id, goesBack: true })
        }
      }
    }),
  )
})
