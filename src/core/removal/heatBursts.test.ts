import { COOLING_S, heatState, MANY_BURSTS, MOST_BURST_S } from './heatBursts'

const START = new Date('2026-11-24T10:00:00Z').getTime()
/** Written down when it ends, so many seconds after the start. */
const burst = (endS: number, seconds: number) => ({ seconds, at: new Date(START + endS * 1000) })

describe('heatState', () => {
  it('counts bursts and says until when the bond cools', () => {
    expect(heatState([])).toEqual({ bursts: 0, totalSeconds: 0, coolUntil: null, tooMuch: [] })
    const state = heatState([burst(3, 3), burst(60, 4)])
    expect(state).toMatchObject({ bursts: 2, totalSeconds: 7, tooMuch: [] })
    expect(state.coolUntil).toBe(new Date(START + (60 + COOLING_S) * 1000).toISOString())
  })

  it('says of a burst that was too long, too soon, or one too many', () => {
    expect(heatState([burst(9, MOST_BURST_S + 1)]).tooMuch).toEqual([
      expect.stringMatching(/^One burst longer than 5 s/),
    ])
    // Cooled for exactly as long as it should: not too soon.
    expect(heatState([burst(3, 3), burst(3 + COOLING_S + 4, 4)]).tooMuch).toEqual([])
    expect(heatState([burst(3, 3), burst(3 + COOLING_S + 3, 4)]).tooMuch).toEqual([
      expect.stringMatching(/^One burst before it had cooled/),
    ])
    const many = Array.from({ length: MANY_BURSTS + 1 }, (_, i) => burst(100 * i, 3))
    expect(heatState(many).tooMuch).toEqual([expect.stringMatching(/does not let go by heat/)])
  })
})
