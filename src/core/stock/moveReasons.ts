/** Why a count changed. */
export const MOVE_REASONS = [
  'first-count',
  'picked',
  'put-back',
  'counted',
  'received',
  'corrected',
  'imported',
] as const
export type MoveReason = (typeof MOVE_REASONS)[number]
