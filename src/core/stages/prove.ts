import type { Stage } from './Stage'

export const prove: Stage = {
  label: 'Prove',
  settles: 'It works and it is tight, with a date and a figure.',
  done: 'Prove done',
  reads: false,
  drawing: 'assembled',
  shows: ['parts-back'],
}
