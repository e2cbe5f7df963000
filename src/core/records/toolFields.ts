import { MOST_TESTER_BAR } from '../dry-test/DryTrace'
import { TESTER_MODES } from '../dry-test/testerModes'
import { INSIDE_ZEROS } from '../measure/describedInstrument'
import { TYPICAL_INSTRUMENTS } from '../measure/InstrumentSpec'
import { PRESS_KINDS } from '../press/PressStep'
import { choice } from './choiceField'
import type { Field } from './Field'
import { optionsOf } from './Field'

export const INSTRUMENT_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'name', label: 'Name', required: true, mostLength: 40 },
  {
    kind: 'choice',
    name: 'kind',
    label: 'Kind',
    required: true,
    options: optionsOf(Object.keys(TYPICAL_INSTRUMENTS)),
  },
  { kind: 'figure', name: 'resolutionMm', label: 'Resolution', required: true, leastMm: 0.0001, mostMm: 0.1 },
  {
    kind: 'figure',
    name: 'maximumPermissibleErrorMm',
    label: 'Permissible error',
    required: true,
    leastMm: 0,
    mostMm: 0.5,
    help: '±, from its sheet',
  },
  {
    kind: 'figure',
    name: 'zeroOffsetMm',
    label: 'Zero offset',
    required: true,
    leastMm: -1,
    mostMm: 1,
    help: 'what it shows when closed',
  },
  {
    kind: 'figure',
    name: 'zeroUncertaintyMm',
    label: 'Zero known to',
    required: false,
    leastMm: 0.0001,
    mostMm: 0.5,
    help: 'standard uncertainty; empty: permissible error / √3',
  },
  {
    kind: 'figure',
    name: 'scaleMmPerM',
    label: 'Scale off by',
    required: false,
    leastMm: 0,
    mostMm: 5,
    help: 'standard uncertainty on a metre; empty: nothing',
  },
  {
    ...choice('insideZero', 'Inside jaws’ zero', INSIDE_ZEROS),
    help: 'off the same way as the outside jaws’, or the opposite; empty: the same',
  },
  { kind: 'date', name: 'calibrationDueOn', label: 'Calibration due', required: false },
]

export const TESTER_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'name', label: 'Name', required: true, mostLength: 60 },
  { kind: 'choice', name: 'mode', label: 'It tests by', required: true, options: optionsOf(TESTER_MODES) },
  {
    kind: 'figure',
    name: 'mostBar',
    label: 'Goes to',
    required: true,
    leastMm: 0.2,
    mostMm: MOST_TESTER_BAR,
    unit: 'bar',
    help: 'against the air around; by its maker',
  },
]

export const PRESS_FIELDS: readonly Field[] = [
  { kind: 'text', name: 'name', label: 'Name', required: true, mostLength: 60 },
  { kind: 'choice', name: 'kind', label: 'Kind', required: true, options: optionsOf(PRESS_KINDS) },
  { kind: 'flag', name: 'gauged', label: 'Shows force and travel' },
  {
    kind: 'figure',
    name: 'mostForceN',
    label: 'Most force',
    required: false,
    leastMm: 50,
    mostMm: 20_000,
    unit: 'N',
    help: 'by its maker; a plan that asks for more says so, and a run that goes over it is told to stop',
  },
]
