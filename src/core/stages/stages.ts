/** The stages of the work, in working order. */
export const STAGES = [
  { id: 'intake', label: 'Intake' },
  { id: 'open', label: 'Open' },
  { id: 'decase', label: 'Decase' },
  { id: 'measure', label: 'Measure' },
  { id: 'push-out', label: 'Push out' },
  { id: 'clean', label: 'Clean' },
  { id: 'match', label: 'Match' },
  { id: 'press-in', label: 'Press in' },
  { id: 'align', label: 'Align' },
  { id: 'close', label: 'Close' },
  { id: 'prove', label: 'Prove' },
  { id: 'hand-back', label: 'Hand back' },
] as const

export type StageId = (typeof STAGES)[number]['id']
export const STAGE_IDS = STAGES.map((s) => s.id)

export function stageIndex(stage: StageId): number {
  return STAGE_IDS.indexOf(stage)
}

export function stageLabel(stage: StageId): string {
  return STAGES[stageIndex(stage)]?.label ?? stage
}

/** The stage `by` places further, held inside the list. */
export function stageAfter(stage: StageId, by: 1 | -1): StageId {
  return STAGE_IDS[stageIndex(stage) + by] ?? stage
}
