import type { Stage } from './Stage'

export const match: Stage = {
  label: 'Match',
  settles: 'The parts are chosen, with their reasons.',
  done: 'Match done',
  reads: false,
  toDo: ({ size }) => ({ next: 'Pick crystal with gasket', known: size }),
  shows: [],
}
