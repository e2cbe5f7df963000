import type { BezelAction } from './bezelAction'
import { judgeAction } from './bezelAction'

const CLICKS = { bezelKind: 'rotating-click', bezelClicks: 120 } as const
const FRICTION = { bezelKind: 'rotating-friction', bezelClicks: null } as const

function action(over: Partial<BezelAction> = {}): BezelAction {
  return { clicks: 120, otherWay: 'holds', backPlayDeg: 0.5, zeroOnMark: true, feel: 'right', ...over }
}

describe('a bezel as it was turned', () => {
  it('is right where all of it is', () => {
    expect(judgeAction(action(), CLICKS)).toEqual({ isRight: true, words: '120 clicks, right', wrong: [] })
    expect(judgeAction(action({ otherWay: 'clicks-as-well' }), CLICKS).isRight).toBe(true)
    // Nobody counted before: nothing to count against.
    expect(judgeAction(action({ clicks: 60 }), { ...CLICKS, bezelClicks: null }).isRight).toBe(true)
    const friction = action({ clicks: null, otherWay: null, backPlayDeg: null })
    expect(judgeAction(friction, FRICTION).words).toBe('turned once round, right')
  })

  it.each([
    [{ clicks: 119 }, /^119 clicks counted, 120 on the case sheet/],
    [{ otherWay: 'slips' }, /slips the other way/],
    [{ backPlayDeg: 0.8 }, /^Back play 0\.80°; at most 0\.75°, a quarter of a click/],
    [{ zeroOnMark: false }, /beside the mark/],
    [{ feel: 'easy' }, /spring is tired/],
    [{ feel: 'hard' }, /clean and grease/],
  ] as const)('%j is not', (over, words) => {
    const { isRight, wrong } = judgeAction(action(over), CLICKS)
    expect(isRight).toBe(false)
    expect(wrong).toEqual([expect.stringMatching(words)])
  })

  it('says all that is wrong, and the first of it in a line', () => {
    const judged = judgeAction(action({ clicks: 118, feel: 'hard' }), CLICKS)
    expect(judged.wrong).toHaveLength(2)
    expect(judged.words).toBe('118 clicks counted, 120 on the case sheet')
  })
})
