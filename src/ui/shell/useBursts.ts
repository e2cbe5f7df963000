'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import type { Burst, BurstKey } from '@/core/stock/keyBurst'
import { BURST_MS, endOfBurst, NO_BURST, takeBurstKey } from '@/core/stock/keyBurst'
import { isEditable } from './isEditable'

/**
 * Keeps a foreign label, or whatever else a device types, from pressing the page's single keys: once for the whole
 * product, after the scanner and before every shortcut. What is typed into a field is the field's own.
 * @param onRefused - told a line that nobody takes
 */
export function useBursts(onRefused: (line: string) => void): void {
  const refused = useEffectEvent(onRefused)
  useLayoutEffect(() => {
    let burst: Burst = NO_BURST
    let waiting: KeyboardEvent[] = []
    let timer: ReturnType<typeof setTimeout> | undefined
    let replaying = false

    const settle = ({ release, refused: line }: Pick<BurstKey, 'release' | 'refused'>) => {
      const keys = waiting
      if (release !== '' || line !== '') waiting = []
      if (release !== '') {
        replaying = true
        keys.forEach(pressAgain)
        replaying = false
      }
      if (line !== '') refused(line)
    }
    const onKey = (event: KeyboardEvent) => {
      if (replaying) return
      clearTimeout(timer)
      // What the scanner took, what is typed into a field, and what is pressed with a modifier is no burst of ours.
      if (event.defaultPrevented || isEditable(event.target)) {
        burst = NO_BURST
        waiting = []
        return
      }
      const modified = event.ctrlKey || event.metaKey || event.altKey
      const taken = takeBurstKey(burst, modified ? 'Modified' : event.key, event.timeStamp)
      burst = taken.burst
      settle(taken)
      if (!taken.held) return
      event.preventDefault()
      event.stopImmediatePropagation()
      if (event.key === 'Enter') return
      waiting.push(event)
      timer = setTimeout(() => {
        const end = endOfBurst(burst)
        burst = NO_BURST
        settle(end)
      }, BURST_MS)
    }
    window.addEventListener('keydown', onKey, { capture: true })
    return () => {
      clearTimeout(timer)
      window.removeEventListener('keydown', onKey, { capture: true })
    }
  }, [])
}

/** Presses a key that was held back, where it was pressed. */
function pressAgain(event: KeyboardEvent): void {
  const { key, code, shiftKey, target } = event
  const at = target instanceof Element && target.isConnected ? target : document.body
  for (const type of ['keydown', 'keyup']) {
    at.dispatchEvent(new KeyboardEvent(type, { key, code, shiftKey, bubbles: true, cancelable: true }))
  }
}
