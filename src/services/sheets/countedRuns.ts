import { FAILED_OUTCOMES } from '@/core/press/pressOutcomes'
import type { CountedRun } from '@/core/press/pressStatistics'
import { FAILED_WORK } from '@/core/press/pressWorks'
import type { SheetPressRun } from '@/data/queries/caseSheets'
import type { WorkRun } from '@/data/queries/workRuns'

/** Logged presses as they are counted. @param dies - all there are, with those the shop has no more of */
export function countedRuns(
  runs: readonly SheetPressRun[],
  works: readonly WorkRun[],
  dies: readonly { readonly id: number; readonly code: string }[],
): CountedRun[] {
  const codes = new Map(dies.map(({ id, code }) => [id, code]))
  const codeOf = (id: number | null) => (id === null ? null : (codes.get(id) ?? null))
  return [
    ...runs.map(
      ({ outcome, cause, pusherId, supportId, gasketMaterial, gasketSection, slideForceN, peakForceN }) => ({
        good: outcome === 'home',
        failed: FAILED_OUTCOMES.includes(outcome),
        cause,
        pusher: codeOf(pusherId),
        support: codeOf(supportId),
        ring: gasketMaterial === null ? null : [gasketMaterial, gasketSection].filter(Boolean).join(' '),
        forceN: slideForceN ?? peakForceN,
      }),
    ),
    ...works.map(({ outcome, cause, pusherId, supportId, peakForceN }) => ({
      good: outcome === 'done',
      failed: FAILED_WORK.includes(outcome),
      cause,
      pusher: codeOf(pusherId),
      support: codeOf(supportId),
      ring: null,
      forceN: peakForceN,
    })),
  ]
}
