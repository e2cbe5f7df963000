import type { OwnPartId } from '../own-parts/OwnPart'
import { onOtherFigures } from './onOtherFigures'
import { restOf } from './restOf'
import type { Demand, Stage } from './Stage'

/** Steps that taking parts out of their drawers does, and what is open until then. */
const TAKEN: readonly (Omit<Demand, 'met'> & {
  readonly kind: 'insert' | 'bezel' | 'chapter-ring'
  /** the own part that serves as well */
  readonly own: OwnPartId | null
})[] = [
  {
    id: 'insert-out',
    kind: 'insert',
    own: 'insert',
    open: 'no insert taken out, nor its own said to go back',
    standsFor: ['match-insert'],
  },
  {
    id: 'bezel-out',
    kind: 'bezel',
    own: 'bezel',
    open: 'no bezel taken out, nor its own said to go back',
    standsFor: ['match-bezel'],
  },
  {
    id: 'chapter-ring-out',
    kind: 'chapter-ring',
    own: null,
    open: 'no chapter ring taken out',
    standsFor: ['match-chapter-ring'],
  },
]
const SEALS: Omit<Demand, 'met'> = {
  id: 'seals-out',
  open: 'no seals taken out',
  standsFor: ['match-seals'],
}
const PICK: Omit<Demand, 'met'> = {
  id: 'pick',
  open: 'crystal and ring not picked',
  standsFor: ['match-crystal', 'match-gasket'],
}

export const match: Stage = {
  label: 'Match',
  settles: 'The parts are chosen, with their reasons.',
  done: 'Match done',
  reads: false,
  drawing: 'corner',
  toDo: ({ size, picked, step }) => ({
    next: picked ? restOf('Match', step) : 'Pick crystal with gasket',
    known: picked ? picked.what : size,
  }),
  shows: [],
  demands: (work) => [
    ...[
      { ...PICK, met: work.picked },
      ...TAKEN.map(({ kind, own, ...one }) => ({
        ...one,
        met: work.out.includes(kind) || (own !== null && work.goBack.includes(own)),
      })),
      { ...SEALS, met: work.sealsOut },
    ].filter(({ standsFor }) => standsFor.some((step) => work.steps.includes(step))),
    ...onOtherFigures(work, 'pick', 'insert', 'seals'),
  ],
}
