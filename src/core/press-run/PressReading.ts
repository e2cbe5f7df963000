/** What a run was. */
export const PRESS_VERDICTS = ['good', 'cocked', 'loose', 'over-pressed', 'cracked', 'not-home'] as const
export type PressVerdict = (typeof PRESS_VERDICTS)[number]

export const PHASES = ['free', 'ramp', 'slide', 'home'] as const
export type Phase = (typeof PHASES)[number]

/** A stretch of the way down and what happened there. */
export interface NamedPhase {
  readonly phase: Phase
  readonly fromMm: number
  readonly toMm: number
}

/** What a run says. All mm of travel and N. */
export interface PressReading {
  readonly verdict: PressVerdict
  /** how sure, 0…1 */
  readonly probability: number
  /** the part of the curve that says so */
  readonly evidence: { readonly fromMm: number; readonly toMm: number }
  /** why, in a sentence */
  readonly because: string
  readonly phases: readonly NamedPhase[]
  /** null where it is not seen */
  readonly contactMm: number | null
  readonly homeMm: number | null
  /** of the slide: the middle of its forces; null where it never slid */
  readonly slideN: number | null
  readonly peakN: number
}
