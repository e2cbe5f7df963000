import type { Stage } from './Stage'

export const clean: Stage = {
  label: 'Clean',
  settles: 'Seat, gasket and dial are clean, sound and read.',
  done: 'Clean done',
  reads: true,
  shows: ['methods'],
}
