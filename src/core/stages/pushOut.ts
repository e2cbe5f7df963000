import { onOtherFigures } from './onOtherFigures'
import type { Stage } from './Stage'

export const pushOut: Stage = {
  label: 'Push out',
  settles: 'What must come off is off, and nothing else moved.',
  done: 'Push out done',
  reads: false,
  drawing: 'corner',
  shows: ['methods', 'parts-off'],
  demands: (work) => onOtherFigures(work, 'push-out'),
}
