'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import type { ScanTarget } from '@/core/stock/scanCode'

type OnScan = (target: ScanTarget) => boolean

/** Who is asked about a scan, in turn. */
const listeners: OnScan[] = []

/** Tells the pages of a scanned label, until one has dealt with it. */
export function tellScan(target: ScanTarget): void {
  ;[...listeners].some((listener) => listener(target))
}

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
