import type { AskedFor } from '../intake/jobWords'

/** What can be seen of a part that came off, and whether it may go back so. Common practice. */
const SEEN = {
  sound: true,
  scratched: true,
  chipped: false,
  cracked: false,
  flattened: false,
  hard: false,
  cut: false,
  bent: false,
} as const satisfies Record<string, boolean>

export type Seen = keyof typeof SEEN

/** True where a part that looks so may go back in. */
export function serves(seen: Seen): boolean {
  return SEEN[seen]
}

interface OwnPartKind {
  readonly label: string
  /** what can be seen of it, the best first */
  readonly seen: readonly Seen[]
  /** the wish that means a new one; null where the same wish may mean its own again */
  readonly newOne: AskedFor | null
  /** how it goes back: picked with what it is pressed with, once somebody says so, or unless it is seen not to serve */
  readonly goes: 'picked' | 'when-said' | 'unless-unfit'
}

/** Parts of the piece itself that may go back instead of new ones. */
export const OWN_PARTS = {
  crystal: {
    label: 'crystal',
    seen: ['sound', 'scratched', 'chipped', 'cracked'],
    newOne: 'crystal',
    goes: 'picked',
  },
  'crystal-gasket': {
    label: 'crystal gasket',
    seen: ['sound', 'flattened', 'hard', 'cut'],
    newOne: 'gasket',
    goes: 'picked',
  },
  insert: {
    label: 'insert',
    seen: ['sound', 'scratched', 'bent', 'cracked'],
    newOne: null,
    goes: 'when-said',
  },
  bezel: {
    label: 'bezel',
    seen: ['sound', 'scratched', 'bent', 'cracked'],
    newOne: 'bezel',
    goes: 'when-said',
  },
  'chapter-ring': {
    label: 'chapter ring',
    seen: ['sound', 'scratched', 'bent', 'cracked'],
    newOne: null,
    goes: 'unless-unfit',
  },
  'back-seal': {
    label: 'back seal',
    seen: ['sound', 'flattened', 'hard', 'cut'],
    newOne: 'reseal',
    goes: 'unless-unfit',
  },
} as const satisfies Record<string, OwnPartKind>

export type OwnPartId = keyof typeof OWN_PARTS
export const OWN_PART_IDS = Object.keys(OWN_PARTS) as readonly OwnPartId[]

/** What was seen of a part, and whether it was said to go back: of the kinds that go back when said alone. */
export interface LookedOver {
  readonly seen: Seen
  readonly goesBack: boolean
}

export type PartsLookedOver = Readonly<Partial<Record<OwnPartId, LookedOver>>>

/** The number of a part that came out of the piece and not out of a drawer: lines of the drawers begin at 1. */
export const OWN_ID = 0

/** True for a part of the piece itself. */
export function isOwn({ id }: { readonly id: number }): boolean {
  return id === OWN_ID
}

/** What a line of the drawers has and a part of the piece itself lacks. */
export const NO_LINE = {
  id: OWN_ID,
  code: 'its own',
  drawer: '',
  quantity: 1,
  minimum: 0,
  priceCents: 0,
  supplier: '',
  supplierCode: '',
} as const

/** Where a part lies: “D7·3”, or with the piece. */
export function whereText(part: {
  readonly id: number
  readonly drawer: string
  readonly quantity: number
}): string {
  return isOwn(part) ? 'its own' : `${part.drawer}·${part.quantity}`
}
