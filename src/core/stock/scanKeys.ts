import { SCAN_PREFIX } from './scanCode'

/** Keys of one scanned line follow each other faster than anybody types a colon behind two capitals, ms. From memory. */
const MOST_BETWEEN_MS = 80
/** Once the whole prefix has come nobody else is typing: a slow radio link may take its time, ms. From memory. */
const MOST_WITHIN_MS = 500

/** What of a scanned line has come so far. */
export interface ScanKeys {
  readonly text: string
  readonly lastMs: number
}

export const NO_KEYS: ScanKeys = { text: '', lastMs: -Infinity }

export interface KeyTaken {
  readonly keys: ScanKeys
  /** letters held back before this key that turned out to be typed by hand: they go where they were meant */
  readonly giveBack: string
  /**
   * - `pass`: the key goes its usual way
   * - `hold`: it may be a scanner's, and is held back
   * - `begin`: the prefix is whole; its first letter, which went its usual way, is to be taken out again
   * - `end`: the line is whole
   */
  readonly key: 'pass' | 'hold' | 'begin' | 'end'
  /** the scanned line at its end, else empty */
  readonly line: string
}

/**
 * Tells a scanner's keys from a hand's: a line starts with the prefix, its keys come fast, Enter ends it.
 * @param key - as KeyboardEvent.key: one character, or a word like “Enter” or “Shift”
 * @param atMs - when it was pressed, on the same clock as the keys before
 */
export function takeKey(before: ScanKeys, key: string, atMs: number): KeyTaken {
  const within = before.text.startsWith(SCAN_PREFIX) ? MOST_WITHIN_MS : MOST_BETWEEN_MS
  const inTime = atMs - before.lastMs <= within
  const text = inTime ? before.text : ''
  const late = inTime ? '' : heldBack(before)
  if (text.startsWith(SCAN_PREFIX)) {
    if (key === 'Enter') return { keys: NO_KEYS, giveBack: '', key: 'end', line: text }
    return { keys: { text: text + character(key), lastMs: atMs }, giveBack: '', key: 'hold', line: '' }
  }
  // Shift goes down between two capitals: it is no key of the line, and no end to it.
  if (key === 'Shift') return { keys: { text, lastMs: atMs }, giveBack: late, key: 'pass', line: '' }
  const next = text + key
  if (SCAN_PREFIX.startsWith(next)) {
    const taken = next === SCAN_PREFIX ? 'begin' : text === '' ? 'pass' : 'hold'
    return { keys: { text: next, lastMs: atMs }, giveBack: late, key: taken, line: '' }
  }
  const anew = SCAN_PREFIX.startsWith(key) ? key : ''
  return { keys: { text: anew, lastMs: atMs }, giveBack: heldBack(before), key: 'pass', line: '' }
}

/** Letters of a prefix that never became whole and were held back: all but the first. */
export function heldBack({ text }: ScanKeys): string {
  return text.startsWith(SCAN_PREFIX) ? '' : text.slice(1)
}

function character(key: string): string {
  return key.length === 1 ? key : ''
}
