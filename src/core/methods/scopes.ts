/**
 * What the process is applied to: the whole head, its face alone (laid face down, level below the joint of the
 * back), or a part that is off the case.
 */
export const SCOPES = ['head', 'face', 'insert', 'bezel', 'crystal', 'case'] as const
export type Scope = (typeof SCOPES)[number]

export const SCOPE_WORDS: Readonly<Record<Scope, string>> = {
  head: 'the whole head',
  face: 'the face of the head',
  insert: 'the insert, off the case',
  bezel: 'the bare bezel, off the case',
  crystal: 'the crystal, off the case',
  case: 'the empty case, seals out',
}
