import type { StepQuestion } from '../StepQuestion'

/** Either it is right, or it is not and says where: what is not right keeps the step open. */
export function judged(good: string, bad: string, where: string): StepQuestion {
  return {
    asks: 'Seen',
    answers: [
      { words: good, good: true },
      { words: bad, good: false },
    ],
    detail: { label: where, needed: false },
  }
}

/** Of the underside of a glass before it is shut in: a speck found later means opening again. Common practice. */
export const UNDERSIDE = judged('clean', 'speck, smudge or hair', 'Where')
