import type { Stage } from './Stage'

export const close: Stage = {
  label: 'Close',
  settles: 'Movement in, back on, no part left over.',
  done: 'Close done',
  reads: false,
  shows: ['parts-back'],
}
