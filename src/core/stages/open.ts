import type { Stage } from './Stage'

export const open: Stage = {
  label: 'Open',
  settles: 'The back is off and its thread or lip is known.',
  done: 'Open done',
  reads: false,
  shows: [],
}
