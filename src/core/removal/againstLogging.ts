import type { TrailLine } from '../trail/partsTrail'
import type { Removal, RemovedPart } from './Removal'
import { isOff } from './Removal'

/** Parts whose coming off the trail records. */
const ON_TRAIL: readonly RemovedPart[] = ['bezel', 'insert']

/** Why a removal cannot have gone so; null where it can. */
export function againstLogging(
  { part, outcome }: Pick<Removal, 'part' | 'outcome'>,
  trail: readonly TrailLine[],
): string | null {
  if (!isOff(outcome) || !ON_TRAIL.includes(part)) return null
  return trail.some((line) => line.part === part)
    ? null
    : `The ${part} is on by the parts trail: take it off there first, or say that it did not move.`
}
