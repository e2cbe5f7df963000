import type { Stage } from './Stage'

export const clean: Stage = {
  label: 'Clean',
  settles: 'Seat, gasket and dial are clean, sound and read.',
  done: 'Clean done',
  reads: true,
  shows: ['methods'],
  demands: ({ rest }) =>
    rest.planned
      ? [
          {
            id: 'rest-read',
            open: rest.missing,
            met: rest.missing === '',
            standsFor: ['measure-diameter', 'measure-case', 'measure-bezel'],
          },
        ]
      : [],
}
