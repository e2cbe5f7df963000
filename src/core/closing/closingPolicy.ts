import type { Fractions } from '../fit/Window'

/** How a thread is met: clean with thin grease, or dry. */
export const THREAD_STATES = ['greased', 'dry'] as const
export type ThreadState = (typeof THREAD_STATES)[number]

/** What a back is screwed home by. */
export interface ClosingPolicy {
  /** friction of thread and ring, by how they are met */
  readonly friction: Readonly<Record<ThreadState, Fractions>>
  /** torque of fingers on a back, N·m */
  readonly handNm: Fractions
  /** load on a closed thread, times its ring's: that much to stay shut, no more to open again */
  readonly timesRing: Fractions
}

/** Frictions are the classes B and C of VDI 2230, from memory; the others are from memory too. */
export const CLOSING_POLICY: ClosingPolicy = {
  friction: { greased: { low: 0.08, high: 0.16 }, dry: { low: 0.14, high: 0.24 } },
  handNm: { low: 0.2, high: 0.4 },
  timesRing: { low: 1.3, high: 3.5 },
}
