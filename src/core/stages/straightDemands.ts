import type { StraightPair } from '../straight/pairs'
import type { Demand, StandingWork } from './Stage'

/** Steps that set a pair straight by eye: once its ticks are read they say whether it is, and no eye does. */
const SET_BY_EYE: Readonly<Partial<Record<StraightPair, string>>> = {
  'chapter-dial': 'ring-align',
  'magnifier-date': 'magnifier-check',
}
/** A chapter ring is set before the crystal shuts it in: there it is judged, where the job sets it at all. */
export const SET_AT_THE_PRESS = 'ring-align'

/** Of a pair: that it stands straight by its last look. */
export const straightOf = (pair: StraightPair) => `straight-${pair}`

/** That what was looked at stands straight. A reason to leave it counts until it is looked at once more. */
export function straightDemands({ steps, straight }: StandingWork, at: 'press-in' | 'align'): Demand[] {
  return straight.flatMap(({ pair, words, isStraight, lookedAt }) => {
    const standsFor = steps.filter((step) => step === SET_BY_EYE[pair])
    const isOfPress = standsFor.includes(SET_AT_THE_PRESS)
    return isOfPress === (at === 'press-in')
      ? [{ id: straightOf(pair), open: words, met: isStraight, standsFor, reasonFrom: lookedAt }]
      : []
  })
}
