import type { Stage } from './Stage'

/** The demand that every part of the trail is accounted for. */
export const PARTS_OPEN = 'trail'

export const close: Stage = {
  label: 'Close',
  settles: 'What came off is in again, and no part is left over.',
  done: 'Close done',
  reads: false,
  drawing: 'layers',
  shows: ['parts-back'],
  demands: ({ partsOpen, hands }) => [
    // Nobody has to read them; once read they say whether the hands are free, whatever an hour's travel showed.
    ...(hands
      ? [
          {
            id: 'hands',
            open: `hands: ${hands.words}`,
            // Where it is not sure, the hour of travel says it.
            met: hands.isRight !== false,
            standsFor: [],
            reasonFrom: hands.at,
          },
        ]
      : []),
    {
      id: PARTS_OPEN,
      open: `${partsOpen} not accounted for`,
      met: partsOpen === '',
      standsFor: [],
    },
  ],
}
