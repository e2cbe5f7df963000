import type { Demand, Stage, StandingWork } from './Stage'
import { straightDemands } from './straightDemands'

export const align: Stage = {
  label: 'Align',
  settles: 'Magnifier, chapter ring, insert and bezel stand true to the dial.',
  done: 'Align done',
  reads: false,
  drawing: 'plan',
  shows: [],
  demands: (work) => [...straightDemands(work, 'align'), ...insertLies(work)],
}

/** Nobody has to read an insert's heights; once they are read, what they say is dealt with. */
function insertLies({ insertLevel }: StandingWork): Demand[] {
  if (!insertLevel) return []
  return [
    { id: 'insert-level', open: `insert ${insertLevel.words}`, met: insertLevel.isLevel, standsFor: [] },
  ]
}
