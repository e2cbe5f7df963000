import type { Step } from '../procedure/Step'
import type { TrailPartId } from './parts'
import type { TrailLine } from './partsTrail'

/** A part that is back on and may have to come off once more, to be set right. */
export interface OffAgain {
  readonly part: TrailPartId
  /** how often it came off by now */
  readonly times: number
}

/** Parts that are set true by taking them off and laying them on once more. */
const SET_TRUE: readonly TrailPartId[] = ['bezel', 'insert', 'chapter-ring']

/**
 * Parts to be set true that steps put back, which are on again by the trail: a bezel comes off as often as it takes.
 * @source common practice: expect to take a bezel off once more to correct it
 */
export function offAgain(steps: readonly Step[], trail: readonly TrailLine[]): OffAgain[] {
  const putBack = steps.flatMap(({ putsBack }) => putsBack)
  return SET_TRUE.filter((part) => putBack.includes(part)).flatMap((part) => {
    const lines = trail.filter((line) => line.part === part)
    const isBack = lines.length > 0 && lines.every(({ open }) => open === 0)
    const isOn = lines.some(({ back, renewed }) => back + renewed > 0)
    return isBack && isOn ? [{ part, times: lines.reduce((sum, { count }) => sum + count, 0) }] : []
  })
}
