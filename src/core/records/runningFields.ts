import type { MovementKind } from '../construction/kinds'
import { POSITIONS } from '../running/RunningCheck'
import type { Field } from './Field'
import { optionsOf } from './Field'

const MOST_AHEAD_S = 3600
const MOST_RATE_S = 600
const [LEAST_AMPLITUDE_DEG, MOST_AMPLITUDE_DEG] = [60, 360]
const MOST_BEAT_ERROR_MS = 20

const BY_CLOCK = { field: 'by', isOneOf: ['clock'] } as const
const ON_MACHINE = { field: 'by', isOneOf: ['machine'] } as const

const SWINGS: readonly Field[] = [
  {
    kind: 'figure',
    name: 'amplitudeDeg',
    label: 'Amplitude',
    required: false,
    leastMm: LEAST_AMPLITUDE_DEG,
    mostMm: MOST_AMPLITUDE_DEG,
    unit: '°',
    shownWhen: ON_MACHINE,
  },
  {
    kind: 'figure',
    name: 'beatErrorMs',
    label: 'Beat error',
    required: false,
    leastMm: 0,
    mostMm: MOST_BEAT_ERROR_MS,
    unit: 'ms',
    shownWhen: ON_MACHINE,
  },
]

const MOST_CURRENT_UA = 500

const CURRENT: Field = {
  kind: 'figure',
  name: 'currentUa',
  label: 'Current',
  required: false,
  leastMm: 0,
  mostMm: MOST_CURRENT_UA,
  unit: 'µA',
  help: 'drawn at rest, the crown pushed in',
  shownWhen: ON_MACHINE,
}

/** What is asked of how a movement runs: only one with a balance swings, only one without draws a current. */
export function runningFields(movement: MovementKind): readonly Field[] {
  return [
    {
      kind: 'choice',
      name: 'by',
      label: 'Compared with',
      required: true,
      options: [
        { value: 'clock', label: 'a clock' },
        { value: 'machine', label: 'a timing machine' },
      ],
    },
    {
      kind: 'figure',
      name: 'aheadS',
      label: 'Ahead by',
      required: true,
      leastMm: -MOST_AHEAD_S,
      mostMm: MOST_AHEAD_S,
      unit: 's',
      help: 'behind: with a minus; now, by the second hand',
      shownWhen: BY_CLOCK,
    },
    {
      kind: 'choice',
      name: 'position',
      label: 'It lies',
      required: true,
      options: optionsOf(POSITIONS),
      shownWhen: ON_MACHINE,
    },
    {
      kind: 'figure',
      name: 'rateSPerDay',
      label: 'Rate',
      required: true,
      leastMm: -MOST_RATE_S,
      mostMm: MOST_RATE_S,
      unit: 's/d',
      shownWhen: ON_MACHINE,
    },
    ...(movement === 'mechanical' ? SWINGS : [CURRENT]),
  ]
}
