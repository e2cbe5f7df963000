/** What is written down of how a movement runs: compared with a clock twice, or put on a timing machine. */
export const RUNNING_KINDS = ['start', 'end', 'machine'] as const
export type RunningKind = (typeof RUNNING_KINDS)[number]

/** How it lies on a timing machine. */
export const POSITIONS = [
  'dial-up',
  'dial-down',
  'crown-up',
  'crown-down',
  'crown-left',
  'crown-right',
] as const
export type Position = (typeof POSITIONS)[number]

/** One look at how a movement runs. */
export interface RunningCheck {
  readonly kind: RunningKind
  /** ahead of the clock, s; behind is negative; null on a machine */
  readonly aheadS: number | null
  /** null where it was compared with a clock */
  readonly position: Position | null
  readonly rateSPerDay: number | null
  /** null of a quartz movement, and where the machine shows none */
  readonly amplitudeDeg: number | null
  readonly beatErrorMs: number | null
  /** drawn by a quartz movement; null of others, and where nobody read it */
  readonly currentUa: number | null
  readonly at: Date
}
