import type { Demand, RestingAct, StandingWork } from './Stage'

const DONE: Readonly<Record<RestingAct, string>> = {
  'push-out': 'pushed out',
  pick: 'picked',
  insert: 'insert taken',
  seals: 'seals taken',
  'press-run': 'pressed',
}

/** Of an act: its figures are those it was done on. */
export const figuresOf = (act: RestingAct) => `${act}-figures`

/**
 * That what was done still rests on the figures there are: asked for once they are others, until it is done anew or
 * somebody says why it stays.
 */
export function onOtherFigures(
  { onOtherFigures: found }: StandingWork,
  ...acts: readonly RestingAct[]
): Demand[] {
  return acts.flatMap((act) => {
    const figures = found[act]
    if (!figures) return []
    const open = `${DONE[act]} on other figures: ${figures.words}`
    return [{ id: figuresOf(act), open, met: false, standsFor: [], reasonFrom: figures.at }]
  })
}

/** True of a demand that something was done on other figures. */
export function isOfOtherFigures({ subject }: { readonly subject: string }): boolean {
  return Object.keys(DONE).some((act) => subject === figuresOf(act as RestingAct))
}
