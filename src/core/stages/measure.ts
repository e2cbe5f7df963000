import type { Stage } from './Stage'

export const measure: Stage = {
  label: 'Measure',
  settles: 'What is there has been read, before anything presses on it.',
  done: 'Measure done',
  reads: true,
  shows: [],
}
