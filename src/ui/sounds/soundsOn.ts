import { useSyncExternalStore } from 'react'

const KEPT_AS = 'whyalon-sounds'
const listeners = new Set<() => void>()

/** True where this device sounds; it does until somebody switches it off. */
export function areSoundsOn(): boolean {
  try {
    return localStorage.getItem(KEPT_AS) !== 'off'
  } catch {
    // A browser that keeps nothing sounds.
    return true
  }
}

/** Switches the sounds of this device. */
export function switchSounds(on: boolean): void {
  try {
    localStorage.setItem(KEPT_AS, on ? 'on' : 'off')
  } catch {
    // Nothing is kept: it holds for no page at all, and the switch shows so.
  }
  for (const listener of listeners) listener()
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

export function useSoundsOn(): boolean {
  return useSyncExternalStore(subscribe, areSoundsOn, () => true)
}
