/** What a movement's running is judged by. */
export interface RunningPolicy {
  /** either way, s a day */
  readonly mechanicalSPerDay: number
  readonly quartzSPerDay: number
  /** after a full wind, dial up */
  readonly leastAmplitudeDeg: number
  readonly mostBeatErrorMs: number
  /** drawn by a quartz movement at rest */
  readonly mostCurrentUa: number
}

/** Common practice for what leaves a case workshop as it came; from memory. */
export const RUNNING_POLICY: RunningPolicy = {
  mechanicalSPerDay: 25,
  quartzSPerDay: 1,
  leastAmplitudeDeg: 220,
  mostBeatErrorMs: 1,
  mostCurrentUa: 3,
}
