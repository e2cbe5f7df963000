import type { RemovedPart } from '../removal/Removal'
import { OUTCOME_WORDS, REMOVAL_OUTCOMES, REMOVAL_WAYS, WAY_LABELS } from '../removal/Removal'
import type { Field } from './Field'

/** A removal that takes longer was left and come back to. */
const MOST_MINUTES = 480
const LONGEST_NOTE = 200

/** What is asked of a part that was taken off, or would not come. */
export function removalFields(part: RemovedPart): readonly Field[] {
  return [
    {
      kind: 'choice',
      name: 'way',
      label: 'By',
      required: true,
      options: REMOVAL_WAYS[part].map((value) => ({ value, label: WAY_LABELS[value] })),
    },
    {
      kind: 'choice',
      name: 'outcome',
      label: 'How it went',
      required: true,
      options: REMOVAL_OUTCOMES.map((value) => ({ value, label: OUTCOME_WORDS[value] })),
    },
    { kind: 'count', name: 'minutes', label: 'Minutes', required: false, least: 1, most: MOST_MINUTES },
    {
      kind: 'text',
      name: 'note',
      label: 'What was seen, where',
      required: false,
      multiline: true,
      mostLength: LONGEST_NOTE,
    },
  ]
}
