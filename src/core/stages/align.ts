import type { Stage } from './Stage'
import { straightDemands } from './straightDemands'

export const align: Stage = {
  label: 'Align',
  settles: 'Magnifier, chapter ring, insert and bezel stand true to the dial.',
  done: 'Align done',
  reads: false,
  drawing: 'plan',
  shows: [],
  demands: (work) => straightDemands(work, 'align'),
}
