/** Keys of one burst lie no further apart, ms: a device sends that fast, no hand types so. */
export const BURST_MS = 35
/** As many keys that fast are a device’s. */
const LEAST_BURST = 4

/** A key of a figure: it goes to the bar at once, and acts by nothing else. */
const FIGURE = /^[0-9.,+-]$/

/** A figure with as much of its unit as has come: an instrument sends it at once, no hand does. */
const WITH_UNIT = /^[+-]?[0-9][0-9.,]* ?(?:mm?|in?|")$/i

/** Keys that came as fast as a device’s, as far as they have come. */
export interface Burst {
  readonly text: string
  /** how many of its first keys went their usual way: those of a figure and its unit */
  readonly passed: number
  readonly lastMs: number
}

export const NO_BURST: Burst = { text: '', passed: 0, lastMs: -Infinity }

export interface BurstKey {
  readonly burst: Burst
  /** keys held back that were typed by hand after all: they act now, in order, before this one */
  readonly release: string
  /** a line of a device that nobody takes, now that it has ended; empty where there is none */
  readonly refused: string
  /** true where this key is kept from the page */
  readonly held: boolean
}

/**
 * Keeps a device’s line from acting by its letters. A key that acts by itself waits until the next could have come; four
 * keys or more, each at most 35 ms after the last, are a device’s and act by none of their letters.
 * @param key - as KeyboardEvent.key: one character, or a word like “Enter” or “Shift”
 * @param atMs - when it was pressed, on the same clock as the keys before
 */
export function takeBurstKey(before: Burst, key: string, atMs: number): BurstKey {
  const goesOn = atMs - before.lastMs <= BURST_MS
  const over = goesOn ? { release: '', refused: '' } : endOfBurst(before)
  const burst = goesOn ? before : NO_BURST
  if (key === 'Shift') return { burst: goesOn ? { ...burst, lastMs: atMs } : burst, ...over, held: false }
  if (key.length > 1) {
    const end = goesOn ? endOfBurst(before) : over
    // A device ends its line with Enter: what it would press is not pressed.
    return { burst: NO_BURST, ...end, held: key === 'Enter' && goesOn && end.refused !== '' }
  }
  const holdsBack = burst.text.length > burst.passed
  const text = burst.text + key
  const passes = !holdsBack && (FIGURE.test(key) || key === ' ' || (goesOn && WITH_UNIT.test(text)))
  return {
    burst: { text, passed: passes ? text.length : burst.passed, lastMs: atMs },
    ...over,
    held: !passes,
  }
}

/** What becomes of keys held back once no further one has come in time. */
export function endOfBurst({ text, passed }: Burst): Pick<BurstKey, 'release' | 'refused'> {
  const held = text.slice(passed)
  if (held === '') return { release: '', refused: '' }
  return text.length >= LEAST_BURST ? { release: '', refused: text } : { release: held, refused: '' }
}
