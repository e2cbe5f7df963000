/** Steps that deal with a hazard: ticking either says the same thing, so both are ticked. */
const PAIRS: readonly (readonly [step: string, hazard: string])[] = [
  ['step:stop-movement', 'hazard:movement-running'],
  ['step:fragments-out', 'hazard:fragments-under-hands'],
  ['step:marker-refix', 'hazard:loose-markers'],
]

/** A subject with the one it is ticked together with, when there is one. */
export function tickedTogether(subject: string): string[] {
  const pair = PAIRS.find((subjects) => subjects.includes(subject))
  return pair ? [...pair] : [subject]
}
