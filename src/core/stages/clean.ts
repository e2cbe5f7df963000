import type { Stage } from './Stage'

/** The step that looking the ring over shows to be done. */
const GASKET_INSPECT = 'gasket-inspect'

export const clean: Stage = {
  label: 'Clean',
  settles: 'Seat, gasket and dial are clean, sound and read.',
  done: 'Clean done',
  reads: true,
  drawing: 'corner',
  shows: ['readings', 'own-parts', 'methods'],
  demands: ({ rest, steps, looked }) => [
    ...(steps.includes(GASKET_INSPECT)
      ? [
          {
            id: 'gasket-looked-over',
            open: 'crystal gasket not looked over',
            met: looked.includes('crystal-gasket'),
            standsFor: [GASKET_INSPECT],
          },
        ]
      : []),
    ...(rest.planned
      ? [
          {
            id: 'rest-read',
            open: rest.missing,
            met: rest.missing === '',
            standsFor: ['measure-diameter', 'measure-case', 'measure-bezel'],
          },
        ]
      : []),
  ],
}
