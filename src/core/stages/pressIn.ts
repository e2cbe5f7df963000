import { onOtherFigures } from './onOtherFigures'
import { restOf } from './restOf'
import type { Demand, Stage, StandingWork } from './Stage'
import { straightDemands } from './straightDemands'

/** The demand that what was picked is logged as home. */
export const PRESS_RUN = 'press-run'

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
  demands: (work) => [
    ...straightDemands(work, 'press-in'),
    ...(work.steps.includes(CRYSTAL_IN)
      ? [
          {
            id: PRESS_RUN,
            open: 'press run not logged as home',
            met: work.home,
            standsFor: [CRYSTAL_IN],
          },
          ...onOtherFigures(work, PRESS_RUN),
          ...rimLevel(work),
        ]
      : []),
  ],
}

const RIM_LEVEL = 'rim-level'

/** Once heights are read they say whether the rim is level, and no eye does; an even rim at the end says it as well. */
function rimLevel({ steps, rim, rimSeenEven }: StandingWork): Demand[] {
  if (!steps.includes(RIM_LEVEL)) return []
  if (rim) return [{ id: RIM_LEVEL, open: `rim ${rim.words}`, met: rim.isLevel, standsFor: [RIM_LEVEL] }]
  return rimSeenEven ? [{ id: RIM_LEVEL, open: '', met: true, standsFor: [RIM_LEVEL] }] : []
}
