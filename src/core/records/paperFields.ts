import { DECIMALS } from '../units/decimals'
import type { Field } from './Field'

/** How a shop's reports look. */
export const PAPER_FIELDS: readonly Field[] = [
  {
    kind: 'text',
    name: 'letterhead',
    label: 'Letterhead',
    required: false,
    mostLength: 300,
    multiline: true,
    help: 'the shop’s name on its own line, then address, telephone, whatever else',
  },
  {
    kind: 'choice',
    name: 'decimals',
    label: 'Figures on paper',
    required: true,
    options: DECIMALS.map((value) => ({ value, label: value === 'point' ? '30.02' : '30,02' })),
  },
  {
    kind: 'money',
    name: 'hourCents',
    label: 'An hour of work',
    required: false,
    most: 10_000_000,
    help: 'in the shop’s money; empty: costs are not summed up',
  },
]
