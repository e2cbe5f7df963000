import { isEditable } from './isEditable'
import { typeInto } from './typeInto'

interface EarlyKeys {
  /** the key typed longest ago that nobody got yet */
  readonly next: () => string | undefined
  /** hands a key to the page: this one is not caught again */
  readonly pass: (event: KeyboardEvent, target: EventTarget) => void
  readonly stop: () => void
}

declare global {
  interface Window {
    earlyKeys?: EarlyKeys
  }
}

/**
 * Stands at the head of every page and runs before any other script: keeps the keys of a figure, and what ends or takes
 * back one, until somebody hears them. Nothing else is kept: a shortcut pressed at a page that does not answer yet is
 * not meant for what is there a moment later.
 */
export const EARLY_KEYS_SCRIPT = `(function () {
  var keys = [], passing = false
  function hear(event) {
    if (passing || event.ctrlKey || event.metaKey || event.altKey) return
    var ends = event.key === 'Enter' || event.key === 'Backspace'
    if (!/^[0-9.,+-]$/.test(event.key) && !(ends && keys.length > 0)) return
    keys.push(event.key)
    event.preventDefault()
    event.stopImmediatePropagation()
  }
  window.addEventListener('keydown', hear, true)
  window.earlyKeys = {
    next: function () { return keys.shift() },
    pass: function (event, target) { passing = true; target.dispatchEvent(event); passing = false },
    stop: function () { window.removeEventListener('keydown', hear, true) },
  }
})()`

/** Hands the page what was typed before it answered, key by key and in order; what is typed meanwhile comes after it. */
export async function replayEarlyKeys(): Promise<void> {
  const { earlyKeys } = window
  if (!earlyKeys) return
  delete window.earlyKeys
  for (let key = earlyKeys.next(); key !== undefined; key = earlyKeys.next()) {
    const target = document.activeElement ?? document.body
    if (isEditable(target)) typeInto(target, key.length === 1 ? key : '')
    else earlyKeys.pass(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }), target)
    // The bar answers a key before it gets the next one, as it does a hand's.
    await new Promise((resolve) => setTimeout(resolve))
  }
  earlyKeys.stop()
}
