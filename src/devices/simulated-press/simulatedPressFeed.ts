import type { PressFeed } from '../PressFeed'
import type { SimulatedRun } from './simulatedRun'

/** Readings are sent together that came within so much time, ms: as a cell's own buffer does. */
const TOGETHER_MS = 25

/**
 * Plays a simulated run as it would come.
 * @param pace - 1 as a hand presses; 2 is twice as fast
 */
export function simulatedPressFeed({ points }: SimulatedRun, pace: number): PressFeed {
  return {
    listen({ onPoints, onEnd }) {
      let sent = 0
      let timer: NodeJS.Timeout | undefined
      const began = Date.now()
      const send = () => {
        const until = (Date.now() - began) * pace
        const due: (typeof points)[number][] = []
        for (let point = points[sent]; point && point.tMs <= until; point = points[sent]) {
          due.push(point)
          sent++
        }
        if (due.length > 0) onPoints(due)
        if (sent >= points.length) return onEnd()
        timer = setTimeout(send, TOGETHER_MS)
      }
      send()
      return () => clearTimeout(timer)
    },
  }
}
