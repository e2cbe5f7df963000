import type { Stage } from './Stage'

const RIM_CHECK = 'rim-check'

export const prove: Stage = {
  label: 'Prove',
  settles: 'It works and it is tight, with a date and a figure.',
  done: 'Prove done',
  reads: false,
  drawing: 'assembled',
  shows: ['parts-back'],
  demands: ({ steps, rim }) =>
    // Once heights are read they say whether the rim is even, and no eye does.
    rim && steps.includes(RIM_CHECK)
      ? [{ id: RIM_CHECK, open: `rim ${rim.words}`, met: rim.isLevel, standsFor: [RIM_CHECK] }]
      : [],
}
