import type { PartMove } from '../trail/partMoves'

/** What stands over a dial, the hands as they are called on a case sheet. */
export const OVER_DIAL = {
  marker: 'marker-over-dial',
  hour: 'hour-hand-over-dial',
  minute: 'minute-hand-over-dial',
  second: 'second-hand-over-dial',
} as const
export type OverDial = keyof typeof OVER_DIAL

export const OVER_DIAL_IDS = ['marker', 'hour', 'minute', 'second'] as const satisfies readonly OverDial[]

/** A height over the dial: the mean of what was read of it. */
export interface HandHeight {
  readonly of: OverDial
  readonly heightMm: number
  readonly readings: number
  /** ISO time of the last one */
  readonly at: string
}

interface HeightRead {
  readonly dimension: string
  readonly shownMm: number
  readonly zeroOffsetMm: number
  readonly takenAt: Date
}

/**
 * Heights over the dial that count: of a hand those read since it was set last; a marker stands as it did.
 * @param readings - that stand
 * @param moves - of the tray, oldest first
 */
export function handHeights(readings: readonly HeightRead[], moves: readonly PartMove[]): HandHeight[] {
  const setAt = moves.findLast(({ part }) => part === 'hand')?.at ?? ''
  return OVER_DIAL_IDS.flatMap((of) => {
    const counted = readings.filter(
      ({ dimension, takenAt }) =>
        dimension === OVER_DIAL[of] && (of === 'marker' || takenAt.toISOString() > setAt),
    )
    const last = counted.at(-1)
    if (!last) return []
    const total = counted.reduce((sum, { shownMm, zeroOffsetMm }) => sum + shownMm - zeroOffsetMm, 0)
    return [
      {
        of,
        heightMm: total / counted.length,
        readings: counted.length,
        at: last.takenAt.toISOString(),
      },
    ]
  })
}
