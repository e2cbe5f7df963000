/** Places of the left rail with the key that goes there after g. */
export const PLACES = [
  { href: '/', label: 'Bench', key: 'b' },
  { href: '/trays', label: 'Trays', key: 't' },
  { href: '/sheets', label: 'Case sheets', key: 'c' },
  { href: '/drawers', label: 'Drawers', key: 'd' },
  { href: '/settings', label: 'Settings', key: 's' },
] as const

export type PlaceHref = (typeof PLACES)[number]['href']

/** Keys that work everywhere, for the help. */
export const GLOBAL_KEYS: readonly (readonly [string, string])[] = [
  ...PLACES.map(({ key, label }) => [`g ${key}`, label] as const),
  ['n', 'New tray'],
  ['/', 'Find a tray'],
  ['?', 'These keys'],
]

/** Keys of a tray page, for the help. */
export const TRAY_KEYS: readonly (readonly [string, string])[] = [
  ['0–9', 'to the reading bar, from anywhere'],
  ['Enter', 'accept the reading'],
  ['Backspace', 'take the last reading back, with a reason'],
  ['[  ]', 'previous and next stage'],
  ['↑ ↓', 'move in the shortlist'],
  ['p', 'pick the chosen pair and plan the press'],
  ['d', 'stage done, go on'],
  ['space', 'tick the next step'],
  ['letters', 'record a part coming off: each key stands on its button'],
  ['↑ ↓ ← →', 'length mark and clock place of the next part'],
  ['b  w  l', 'closing: part back, new one, stays off'],
  ['Ctrl Z', 'undo the last thing on the parts trail'],
  ['i', 'simulated instruments on and off'],
]
