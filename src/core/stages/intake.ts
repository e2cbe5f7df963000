import type { Stage } from './Stage'

export const intake: Stage = {
  label: 'Intake',
  settles: 'Which case this is, what is broken and what was promised.',
  done: 'Intake done',
  reads: false,
  drawing: 'whole',
  shows: [],
}
