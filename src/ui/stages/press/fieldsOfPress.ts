import type { Field } from '@/core/records/Field'

/** Fields that only a press with a load cell fills, what a hand tells where there is none, and those that only a press fills. */
const OF_GAUGES = ['peakForceN', 'travelMm']
const OF_HANDS = ['feel']
const OF_PRESSES = ['leftHour', 'feel', 'quarterTurns', 'cushion']

/** What of a press's form is asked: what its cell told is not asked again, nor what a hand or a press cannot tell. */
export function fieldsOfPress(
  fields: readonly Field[],
  {
    byHand,
    gauged,
    traced,
  }: { readonly byHand: boolean; readonly gauged: boolean; readonly traced: boolean },
): Field[] {
  const left: readonly string[] = byHand
    ? [...OF_GAUGES, ...OF_PRESSES]
    : gauged
      ? [...OF_HANDS, ...(traced ? OF_GAUGES : [])]
      : OF_GAUGES
  return fields.filter(({ name }) => !left.includes(name))
}
