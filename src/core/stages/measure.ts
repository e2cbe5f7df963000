import type { Stage } from './Stage'

export const measure: Stage = {
  label: 'Measure',
  settles: 'What is there has been read, before anything presses on it.',
  done: 'Measure done',
  reads: true,
  drawing: 'corner',
  toDo: ({ reading, read, size }) =>
    reading === null
      ? { next: 'All read: go on to push out, clean and match', known: size }
      : {
          next: `Read ${reading}`,
          known: [`${read.taken} of ${read.planned} read`, size].filter(Boolean).join(', '),
        },
  shows: [],
  demands: ({ glass }) =>
    glass.planned
      ? [
          {
            id: 'glass-read',
            open: glass.missing,
            met: glass.missing === '',
            standsFor: ['measure-thickness'],
          },
        ]
      : [],
}
