'use client'
import { useEffectEvent, useLayoutEffect } from 'react'
import type { ScanTarget } from '@/core/stock/scanCode'
import { readScan, SCAN_PREFIX } from '@/core/stock/scanCode'
import { heldBack, NO_KEYS, takeKey } from '@/core/stock/scanKeys'
import { takeOutBefore, typeInto } from './typeInto'

/** Letters held back that no further key decides about go where they were meant after so long, ms. */
const GIVE_BACK_AFTER_MS = 400

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

/**
 * Turns the keys a scanner sends into scans: once for the whole product. Other keys go their usual way.
 * From the second letter of the prefix on no field and no shortcut gets them; what was typed by hand after all is given
 * back to the field it was typed in.
 * @param onUnknown - told a line with our prefix that is no label of ours
 */
export function useScanner(onUnknown: (line: string) => void): void {
  const unknown = useEffectEvent(onUnknown)
  useLayoutEffect(() => {
    let keys = NO_KEYS
    let timer: ReturnType<typeof setTimeout> | undefined
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return
      const { target } = event
      const taken = takeKey(keys, event.key, event.timeStamp)
      keys = taken.keys
      clearTimeout(timer)
      typeInto(target, taken.giveBack)
      if (taken.key === 'pass') return
      event.preventDefault()
      event.stopPropagation()
      if (taken.key === 'begin') takeOutBefore(target, SCAN_PREFIX.slice(0, 1))
      if (heldBack(keys) !== '') timer = setTimeout(giveBackTo, GIVE_BACK_AFTER_MS, target)
      const scanned = readScan(taken.line)
      if (scanned) [...listeners].some((listener) => listener(scanned))
      else if (taken.key === 'end') unknown(taken.line)
    }
    const giveBackTo = (target: EventTarget | null) => {
      typeInto(target, heldBack(keys))
      keys = NO_KEYS
    }
    window.addEventListener('keydown', onKey, { capture: true })
    return () => {
      clearTimeout(timer)
      window.removeEventListener('keydown', onKey, { capture: true })
    }
  }, [])
}
