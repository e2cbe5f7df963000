import type { StageId } from '../stages/stages'

/** What can come off a case, with the key that records it. d, g, i, n and the figures belong to the page. */
export const TRAIL_PARTS = {
  strap: { label: 'strap or bracelet', key: 'w', several: false, backBy: 'hand-back' },
  'spring-bar': { label: 'spring bar', key: 'a', several: true, backBy: 'hand-back' },
  'shell-screw': { label: 'shell screw', key: 'h', several: true, backBy: 'close' },
  shell: { label: 'resin shell', key: 'j', several: false, backBy: 'close' },
  back: { label: 'case back', key: 'b', several: false, backBy: 'close' },
  'back-screw': { label: 'back screw', key: 'y', several: true, backBy: 'close' },
  'back-seal': { label: 'back seal', key: 'o', several: false, backBy: 'close' },
  cell: { label: 'cell', key: 'e', several: false, backBy: 'close' },
  stem: { label: 'stem with crown', key: 't', several: false, backBy: 'close' },
  'circuit-cover': { label: 'circuit cover', key: 'v', several: false, backBy: 'close' },
  'cover-screw': { label: 'cover screw', key: '', several: true, backBy: 'close' },
  contact: { label: 'spring or contact', key: 'q', several: true, backBy: 'close' },
  clamp: { label: 'clamp', key: 'c', several: true, holds: 'movement', backBy: 'close' },
  screw: { label: 'case screw', key: 's', several: true, holds: 'movement', backBy: 'close' },
  ring: { label: 'holding ring', key: 'r', several: false, holds: 'movement', backBy: 'close' },
  spacer: { label: 'spacer', key: 'k', several: true, holds: 'movement', backBy: 'close' },
  movement: { label: 'movement', key: 'm', several: false, backBy: 'close' },
  hand: { label: 'hand', key: '', several: true, fewest: 2, backBy: 'close' },
  'bezel-screw': { label: 'bezel screw', key: '', several: true, backBy: 'close' },
  bezel: { label: 'bezel', key: 'z', several: false, backBy: 'close' },
  'bezel-spring': { label: 'bezel spring', key: 'f', several: false, backBy: 'close' },
  insert: { label: 'insert', key: 'u', several: false, backBy: 'close' },
  'chapter-ring': { label: 'chapter ring', key: 'l', several: false, backBy: 'close' },
  crystal: { label: 'crystal', key: '', several: false, backBy: 'close' },
  'crystal-gasket': { label: 'crystal gasket', key: 'x', several: false, backBy: 'close' },
} as const satisfies Record<string, TrailPart>

interface TrailPart {
  readonly label: string
  /** empty when it is only offered by tap */
  readonly key: string
  /** true where a case has several of it, so that they are counted */
  readonly several: boolean
  /** at least so many come off where one does; left out where one may be all. Common practice */
  readonly fewest?: number
  /** the part it holds: there is nothing to hold while that one is off */
  readonly holds?: 'movement'
  /** the stage that cannot be left while it is missing */
  readonly backBy: StageId
}

export type TrailPartId = keyof typeof TRAIL_PARTS
export const TRAIL_PART_IDS = Object.keys(TRAIL_PARTS) as readonly TrailPartId[]

/** At least so many come off where any does. */
export function fewestOf(part: TrailPartId): number {
  const { fewest = 1 }: TrailPart = TRAIL_PARTS[part]
  return fewest
}

/** The part that this one holds in its place; null where it holds none. */
export function heldBy(part: TrailPartId): TrailPartId | null {
  const { holds }: TrailPart = TRAIL_PARTS[part]
  return holds ?? null
}

/** Marks that tell screws of one kind apart. */
export const SIZE_MARKS = ['', 'short', 'long'] as const
export type SizeMark = (typeof SIZE_MARKS)[number]

/** “shell screws”. */
export function partsName(part: TrailPartId): string {
  const { label } = TRAIL_PARTS[part]
  return `${label}${label.endsWith('s') ? 'es' : 's'}`
}

/** “4 long shell screws”, “case back”. */
export function partsText(part: TrailPartId, count: number, size: SizeMark): string {
  const named = count === 1 ? TRAIL_PARTS[part].label : partsName(part)
  return [count === 1 ? '' : count, size, named].filter(Boolean).join(' ')
}

/** What comes off along with a part: small things that belong to it. */
export const COMES_WITH: Readonly<Partial<Record<TrailPartId, readonly TrailPartId[]>>> = {
  strap: ['spring-bar'],
  'circuit-cover': ['cover-screw', 'contact'],
  clamp: ['screw'],
  movement: ['spacer'],
}
