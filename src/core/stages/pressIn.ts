import { onOtherFigures } from './onOtherFigures'
import { restOf } from './restOf'
import type { Stage } from './Stage'

/** The step that a logged run shows to be done. */
const CRYSTAL_IN = 'crystal-in'

export const pressIn: Stage = {
  label: 'Press in',
  settles: 'The crystal is home.',
  done: 'Press in done',
  reads: false,
  drawing: 'corner',
  toDo: ({ picked, home, step, size }) =>
    picked
      ? { next: home ? restOf('Press in', step) : `Press ${picked.what}`, known: picked.where }
      : { next: 'Pick crystal with gasket first', known: size },
  shows: [],
  demands: (work) =>
    work.steps.includes(CRYSTAL_IN)
      ? [
          {
            id: 'press-run',
            open: 'press run not logged as home',
            met: work.home,
            standsFor: [CRYSTAL_IN],
          },
          ...onOtherFigures(work, 'press-run'),
        ]
      : [],
}
