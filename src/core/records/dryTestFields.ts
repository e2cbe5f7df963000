import { MOST_TESTER_BAR } from '../dry-test/DryTrace'
import type { Field } from './Field'

/** Free inside a case: a small dress piece has .3 cm³, a large diver 6. From memory */
const [LEAST_AIR_CM3, MOST_AIR_CM3] = [0.1, 20]
const [COLDEST_C, WARMEST_C] = [5, 40]
const MOST_TESTS_IN_A_FILE = 50

const OF_A_TEST = { field: 'kind', isOneOf: ['test'] } as const

/** What is asked of a dry tester's record beside the record itself. */
export function dryTestFields(
  testers: readonly { readonly id: number; readonly name: string }[],
): readonly Field[] {
  return [
    {
      kind: 'choice',
      name: 'kind',
      label: 'Record of',
      required: true,
      options: [
        { value: 'test', label: 'the case' },
        { value: 'blank', label: 'a blank run' },
      ],
    },
    {
      kind: 'choice',
      name: 'testerId',
      label: 'Tester',
      required: true,
      options: testers.map(({ id, name }) => ({ value: String(id), label: name })),
    },
    {
      kind: 'figure',
      name: 'pressureBar',
      label: 'Pressure',
      required: true,
      leastMm: 0.1,
      mostMm: MOST_TESTER_BAR,
      unit: 'bar',
      help: 'against the air around; one in the record comes first',
      shownWhen: OF_A_TEST,
    },
    {
      kind: 'figure',
      name: 'airCm3',
      label: 'Air inside',
      required: true,
      leastMm: LEAST_AIR_CM3,
      mostMm: MOST_AIR_CM3,
      unit: 'cm³',
      help: 'as much water as would fill it with the movement in',
      shownWhen: OF_A_TEST,
    },
    {
      kind: 'figure',
      name: 'temperatureC',
      label: 'Temperature',
      required: true,
      leastMm: COLDEST_C,
      mostMm: WARMEST_C,
      unit: '°C',
    },
    {
      kind: 'count',
      name: 'which',
      label: 'Which test',
      required: false,
      least: 1,
      most: MOST_TESTS_IN_A_FILE,
      help: 'only where the file holds several',
    },
  ]
}
