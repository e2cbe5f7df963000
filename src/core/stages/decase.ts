import type { Stage } from './Stage'

export const decase: Stage = {
  label: 'Decase',
  settles: 'The movement is out, under cover, and every part that came off has its place.',
  done: 'Decase done',
  reads: false,
  drawing: 'layers',
  shows: ['parts-off'],
}
