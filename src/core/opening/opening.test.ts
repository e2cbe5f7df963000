import { BACK_KINDS, BACK_CAUTIONS } from './backKinds'
import { circleFromChordText } from './circleFromChordText'

describe('BACK_CAUTIONS', () => {
  it('cautions, whatever the back', () => {
    for (const kind of BACK_KINDS) expect(BACK_CAUTIONS[kind]).toMatch(/holder|grip|protection/)
  })
})

describe('circleFromChordText', () => {
  it('finds the circle from a chord, point or comma', () => {
    const outcome = circleFromChordText('30,00', 6, 2, 38)
    expect(outcome.ok && outcome.circleMm).toBeCloseTo(34.641, 3)
  })

  it('refuses words, nothing and a chord longer than the case allows', () => {
    const message = (text: string) => {
      const outcome = circleFromChordText(text, 6, 2, 38)
      return outcome.ok ? 'accepted' : outcome.message
    }
    expect(message('wide')).toMatch(/“wide” is not a length/)
    expect(message('-3')).toMatch(/not a length/)
    expect(message('0.5')).toMatch(/notch circle of 0.58; on a watch it is 8–60/)
    expect(message('250')).toMatch(/on a watch it is 8–60. Measure again between notches 2 apart/)
    expect(circleFromChordText('250', 6, 2, null).ok).toBe(false)
    expect(message('40')).toMatch(/notch circle of 46.19, wider than the 38.00 case/)
  })
})
