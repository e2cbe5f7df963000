import type { Stage } from './Stage'

export const handBack: Stage = {
  label: 'Hand back',
  settles: 'The owner knows what was found, done and tested.',
  done: 'Hand back',
  reads: false,
  drawing: 'assembled',
  shows: ['parts-back'],
}
