/** Why something a stage demands was left out, and when, ISO time. */
export interface LeftOut {
  readonly reason: string
  readonly at: string
}
