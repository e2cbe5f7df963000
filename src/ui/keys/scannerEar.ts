import { readScan, SCAN_PREFIX } from '@/core/stock/scanCode'
import { heldBack, NO_KEYS, takeKey } from '@/core/stock/scanKeys'
import type { Ear } from './Ear'
import { isModified } from './isModified'
import { tellScan } from './scans'
import { takeOutBefore, typeInto } from './typeInto'

/** Letters held back that no further key decides about go where they were meant after so long, ms. */
const GIVE_BACK_AFTER_MS = 400

/**
 * Turns the keys a scanner sends into scans. From the second letter of the prefix on no field and no shortcut gets them;
 * what was typed by hand after all is given back to the field it was typed in.
 * @param onUnknown - told a line with our prefix that is no label of ours
 */
export function scannerEar(onUnknown: (line: string) => void): Ear {
  let keys = NO_KEYS
  let timer: ReturnType<typeof setTimeout> | undefined
  const giveBackTo = (target: EventTarget | null) => {
    typeInto(target, heldBack(keys))
    keys = NO_KEYS
  }
  return {
    hear(event) {
      if (isModified(event)) return false
      const { target } = event
      const taken = takeKey(keys, event.key, event.timeStamp)
      keys = taken.keys
      clearTimeout(timer)
      typeInto(target, taken.giveBack)
      if (taken.key === 'pass') return false
      if (taken.key === 'begin') takeOutBefore(target, SCAN_PREFIX.slice(0, 1))
      if (heldBack(keys) !== '') timer = setTimeout(giveBackTo, GIVE_BACK_AFTER_MS, target)
      const scanned = readScan(taken.line)
      if (scanned) tellScan(scanned)
      else if (taken.key === 'end') onUnknown(taken.line)
      return true
    },
    missed: () => undefined,
    stop: () => clearTimeout(timer),
  }
}
