import type { Burst, BurstKey } from '@/core/stock/keyBurst'
import { BURST_MS, endOfBurst, NO_BURST, takeBurstKey } from '@/core/stock/keyBurst'
import type { Ear } from './Ear'
import { isEditable } from './isEditable'
import { isModified } from './isModified'

export interface BurstTold {
  /** told a line that nobody takes */
  readonly onRefused: (line: string) => void
  /** presses a key that was held back and turned out to be a hand's */
  readonly pressAgain: (event: KeyboardEvent) => void
}

/**
 * Keeps a foreign label, or whatever else a device types, from pressing the page's single keys. What is typed into a
 * field is the field's own.
 */
export function burstEar({ onRefused, pressAgain }: BurstTold): Ear {
  let burst: Burst = NO_BURST
  let waiting: KeyboardEvent[] = []
  let timer: ReturnType<typeof setTimeout> | undefined

  const forget = () => {
    clearTimeout(timer)
    burst = NO_BURST
    waiting = []
  }
  const settle = ({ release, refused }: Pick<BurstKey, 'release' | 'refused'>) => {
    const keys = waiting
    if (release !== '' || refused !== '') waiting = []
    if (release !== '') keys.forEach(pressAgain)
    if (refused !== '') onRefused(refused)
  }
  const awaitNext = () => {
    timer = setTimeout(over, BURST_MS, performance.now() + BURST_MS)
  }
  const over = (dueMs: number) => {
    // A machine that is late with this may be late with the device's next key, too: it is given its time once more.
    if (performance.now() - dueMs > BURST_MS) return awaitNext()
    const end = endOfBurst(burst)
    burst = NO_BURST
    settle(end)
  }
  return {
    hear(event) {
      clearTimeout(timer)
      if (isEditable(event.target)) {
        forget()
        return false
      }
      const taken = takeBurstKey(burst, isModified(event) ? 'Modified' : event.key, event.timeStamp)
      burst = taken.burst
      settle(taken)
      if (!taken.held || event.key === 'Enter') return taken.held
      waiting.push(event)
      awaitNext()
      return true
    },
    missed: forget,
    stop: () => clearTimeout(timer),
  }
}
