'use client'
import { useCallback, useRef, useState } from 'react'

/**
 * A doing that is asked for once at a time: a double press must not store twice.
 * @returns the doing, which resolves to undefined when it is already under way, and whether it is
 */
export function useOneAtATime<Arguments extends readonly unknown[]>(
  work: (...args: Arguments) => Promise<void>,
): readonly [(...args: Arguments) => Promise<void>, boolean] {
  // A second press may come before the first has drawn the button as resting: state alone is too late.
  const underWay = useRef(false)
  const [busy, setBusy] = useState(false)
  const run = useCallback(
    async (...args: Arguments) => {
      if (underWay.current) return
      underWay.current = true
      setBusy(true)
      try {
        await work(...args)
      } finally {
        underWay.current = false
        setBusy(false)
      }
    },
    [work],
  )
  return [run, busy]
}
