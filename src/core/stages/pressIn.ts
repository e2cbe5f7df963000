import type { Stage } from './Stage'

export const pressIn: Stage = {
  label: 'Press in',
  settles: 'The crystal is home.',
  done: 'Press in done',
  reads: false,
  toDo: ({ picked, size }) =>
    picked
      ? { next: `Press ${picked.what}`, known: `drawer ${picked.drawer}` }
      : { next: 'Pick crystal with gasket first', known: size },
  shows: [],
}
