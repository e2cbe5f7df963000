/** What a dry test is judged by. */
export interface DryTestPolicy {
  /** a case that lets in no more air than this passes, µg/min */
  readonly limitUgPerMin: number
  /** as sure a pass has to be, and a failure */
  readonly passFrom: number
  readonly failFrom: number
}

/** The limit is the one common for water-resistant watches (ISO 22810, from memory); how sure, by the study of records. */
export const DRY_TEST_POLICY: DryTestPolicy = { limitUgPerMin: 50, passFrom: 0.97, failFrom: 0.93 }
