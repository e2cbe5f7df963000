import type { TrailPartId } from '../trail/parts'
import { COMES_WITH, fewestOf, partsName, TRAIL_PART_IDS, TRAIL_PARTS } from '../trail/parts'
import type { TrailLine } from '../trail/partsTrail'
import { goesInNew, missingText } from '../trail/partsTrail'
import type { Step } from './Step'

type PartsOfStep = Pick<Step, 'takesOff' | 'putsBack'>

/** What ticking a step says of the trail. */
export interface SaidByTick {
  /** parts that come off by it, one each */
  readonly off: readonly TrailPartId[]
  /** lines whose own parts go back by it */
  readonly back: readonly TrailLine[]
  /** lines that a new part goes in for by it */
  readonly renewed: readonly TrailLine[]
  /** why no tick can say it, with what to do; null when it can */
  readonly against: string | null
}

/**
 * What ticking a step records on the trail. Parts a case has several of are counted one by one: no tick knows how many
 * came off, or whether all of them went back.
 * @param renews - parts that go in new on this tray
 */
export function saidByTick(
  { takesOff, putsBack }: PartsOfStep,
  trail: readonly TrailLine[],
  renews: readonly TrailPartId[],
): SaidByTick {
  const off = takesOff.filter((part) => !isAllOff(part, trail))
  const on = trail.filter((line) => line.open > 0 && putsBack.includes(line.part))
  const uncounted = off.filter((part) => TRAIL_PARTS[part].several)
  const unseen = on.filter(({ part }) => TRAIL_PARTS[part].several)
  const isNew = (line: TrailLine) => goesInNew(line, trail, renews)
  return {
    off,
    back: on.filter((line) => !isNew(line)),
    renewed: on.filter(isNew),
    against: againstCount(uncounted, trail) ?? againstBack(unseen),
  }
}

function offCount(part: TrailPartId, trail: readonly TrailLine[]): number {
  return trail.filter((line) => line.part === part).reduce((sum, { count }) => sum + count, 0)
}

/** As far as the trail can tell: of parts nobody knows the number of, any count is all of them. */
function isAllOff(part: TrailPartId, trail: readonly TrailLine[]): boolean {
  return offCount(part, trail) >= fewestOf(part)
}

function againstCount(parts: readonly TrailPartId[], trail: readonly TrailLine[]): string | null {
  const begun = parts.find((part) => offCount(part, trail) > 0)
  if (begun) {
    const counted = `${offCount(begun, trail)} of at least ${fewestOf(begun)} ${partsName(begun)} counted`
    return `${counted}: count the rest on the parts trail, or leave this out for a reason.`
  }
  if (parts.length === 0) return null
  const names = parts.map(partsName).join(' and ')
  return `Count the ${names} on the parts trail first: they go back by that count.`
}

function againstBack(lines: readonly TrailLine[]): string | null {
  if (lines.length === 0) return null
  return `Still off by the parts trail: ${missingText(lines)}. Count them back there first.`
}

/** True where a step is done by what the trail holds: all that comes off by it is off, or all that was off is back. */
export function isShownByTrail({ takesOff, putsBack }: PartsOfStep, trail: readonly TrailLine[]): boolean {
  if (takesOff.length > 0) return takesOff.every((part) => isAllOff(part, trail))
  const lines = trail.filter((line) => putsBack.includes(line.part))
  return lines.some((line) => line.back + line.renewed > 0) && lines.every((line) => line.open === 0)
}

/** Parts that usually come off in these steps, with what belongs to them: offered first. Any part can be recorded anywhere. */
export function usualParts(steps: readonly PartsOfStep[]): TrailPartId[] {
  const taken = steps.flatMap(({ takesOff }) => takesOff)
  const all = taken.flatMap((part) => [part, ...(COMES_WITH[part] ?? [])])
  return TRAIL_PART_IDS.filter((part) => all.includes(part))
}
