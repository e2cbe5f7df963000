'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import type { ScanTarget } from '@/core/stock/scanCode'
import { readScan, SCAN_PREFIX } from '@/core/stock/scanCode'

/** Keys of one scanned line follow each other faster than anybody types, ms. */
const MOST_BETWEEN_MS = 80
/** Once the whole prefix has come nobody else is typing: a slow radio link may take its time, ms. */
const MOST_WITHIN_MS = 500

type OnScan = (target: ScanTarget) => boolean

/** Who is asked about a scan, in turn. */
const listeners: OnScan[] = []

/**
 * Listens to scanned labels while a page is open.
 * @param onScan - true when the page dealt with it; false hands it on
 * @param turn - `last` is asked only when no page dealt with it
 */
export function useScan(onScan: OnScan, turn: 'first' | 'last' = 'first'): void {
  const heard = useEffectEvent(onScan)
  // Before the page answers: an effect after the paint would miss what is scanned at once.
  useLayoutEffect(() => {
    const listener: OnScan = (target) => heard(target)
    if (turn === 'last') listeners.push(listener)
    else listeners.unshift(listener)
    return () => {
      listeners.splice(listeners.indexOf(listener), 1)
    }
  }, [turn])
}

/** Turns the keys a scanner sends into scans: once for the whole product. Other keys go their usual way. */
export function useScanner(): void {
  useLayoutEffect(() => {
    let text = ''
    let last = 0
    const onKey = (event: KeyboardEvent) => {
      const now = event.timeStamp
      if (now - last > (text.startsWith(SCAN_PREFIX) ? MOST_WITHIN_MS : MOST_BETWEEN_MS)) text = ''
      last = now
      const reading = text.startsWith(SCAN_PREFIX)
      if (event.key === 'Enter' && reading) {
        const target = readScan(text)
        text = ''
        swallow(event)
        if (target) [...listeners].some((listener) => listener(target))
        return
      }
      if (event.key.length !== 1 || event.ctrlKey || event.metaKey || event.altKey) return
      const next = text + event.key
      // From the second letter of the prefix on the keys are the scanner's: no field and no shortcut may have them.
      const ours = reading || (next.length > 1 && SCAN_PREFIX.startsWith(next))
      text = ours || SCAN_PREFIX.startsWith(next) ? next : SCAN_PREFIX.startsWith(event.key) ? event.key : ''
      if (ours) swallow(event)
    }
    window.addEventListener('keydown', onKey, { capture: true })
    return () => window.removeEventListener('keydown', onKey, { capture: true })
  }, [])
}

function swallow(event: KeyboardEvent): void {
  event.preventDefault()
  event.stopPropagation()
}
