/** What an owner asks for. One tray may ask for several. */
export const ASKED_FOR = [
  'crystal',
  'gasket',
  'reseal',
  'bezel-off',
  'bezel',
  'insert',
  'chapter-ring',
  'magnifier-off',
  'resin-shell',
  'battery',
  'marker',
] as const
export type AskedFor = (typeof ASKED_FOR)[number]

export const ASKED_WORDS: Readonly<Record<AskedFor, string>> = {
  crystal: 'crystal',
  gasket: 'crystal gasket',
  reseal: 'reseal back and crown',
  'bezel-off': 'bezel off and on',
  bezel: 'new bezel',
  insert: 'bezel insert',
  'chapter-ring': 'chapter ring straight',
  'magnifier-off': 'magnifier off',
  'resin-shell': 'resin shell',
  battery: 'battery',
  marker: 'marker re-fixed',
}

export const USES = ['dress', 'everyday', 'diver'] as const
export type Use = (typeof USES)[number]

/** Wear grades, 1 as new to 10 worn through. */
export const LEAST_WEAR = 1
export const MOST_WEAR = 10

/** An older gasket is a slip of the key. */
export const MOST_GASKET_YEARS = 80

/** How tight the back was when it was opened. */
export const BACK_TIGHTNESSES = ['fell-open', 'too-easy', 'usual', 'tight', 'needed-the-press'] as const
export type BackTightness = (typeof BACK_TIGHTNESSES)[number]

/** A back that gives way too easily points at dirt in the thread or a lost seal (common practice). */
export function isTightnessFinding(tightness: BackTightness): boolean {
  return tightness === 'fell-open' || tightness === 'too-easy'
}
