import type { Stage } from './Stage'

/** The step that saying how tight the back was shows to be done. */
const TIGHTNESS = 'note-tightness'

export const open: Stage = {
  label: 'Open',
  settles: 'The back is off and its thread or lip is known.',
  done: 'Open done',
  reads: false,
  drawing: 'back',
  shows: [],
  demands: ({ steps, tightnessNoted }) =>
    steps.includes(TIGHTNESS)
      ? [
          {
            id: 'tightness-noted',
            open: 'how tight the back was is not noted',
            met: tightnessNoted,
            standsFor: [TIGHTNESS],
          },
        ]
      : [],
}
