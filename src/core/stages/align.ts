import type { Stage } from './Stage'

export const align: Stage = {
  label: 'Align',
  settles: 'Magnifier, chapter ring, insert and bezel stand true to the dial.',
  done: 'Align done',
  reads: false,
  drawing: 'plan',
  shows: [],
}
