/** Where a case may let air in. */
export const LEAK_PLACES = ['back', 'crown', 'crystal', 'pusher'] as const
export type LeakPlace = (typeof LEAK_PLACES)[number]

export const LEAK_PLACE_WORDS: Readonly<Record<LeakPlace, string>> = {
  back: 'seal of the back',
  crown: 'crown and tube',
  crystal: 'crystal and its ring',
  pusher: 'pushers',
}
