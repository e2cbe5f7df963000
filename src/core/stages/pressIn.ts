import type { Stage } from './Stage'

export const pressIn: Stage = {
  label: 'Press in',
  settles: 'The crystal is home.',
  done: 'Press in done',
  reads: false,
  shows: [],
}
