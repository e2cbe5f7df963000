import type { StageId } from '../stages/stages'

/** What can come off a case, with the key that records it. d, g, i, n and the figures belong to the page. */
export const TRAIL_PARTS = {
  strap: { label: 'strap or bracelet', key: 'w', backBy: 'hand-back' },
  'spring-bar': { label: 'spring bar', key: 'a', backBy: 'hand-back' },
  'shell-screw': { label: 'shell screw', key: 'h', backBy: 'close' },
  shell: { label: 'resin shell', key: 'j', backBy: 'close' },
  back: { label: 'case back', key: 'b', backBy: 'close' },
  'back-screw': { label: 'back screw', key: 'y', backBy: 'close' },
  'back-seal': { label: 'back seal', key: 'o', backBy: 'close' },
  cell: { label: 'cell', key: 'e', backBy: 'close' },
  stem: { label: 'stem with crown', key: 't', backBy: 'close' },
  'circuit-cover': { label: 'circuit cover', key: 'v', backBy: 'close' },
  contact: { label: 'spring or contact', key: 'q', backBy: 'close' },
  clamp: { label: 'clamp', key: 'c', backBy: 'close' },
  screw: { label: 'case screw', key: 's', backBy: 'close' },
  ring: { label: 'holding ring', key: 'r', backBy: 'close' },
  spacer: { label: 'spacer', key: 'k', backBy: 'close' },
  movement: { label: 'movement', key: 'm', backBy: 'close' },
  'bezel-screw': { label: 'bezel screw', key: '', backBy: 'close' },
  bezel: { label: 'bezel', key: 'z', backBy: 'close' },
  'bezel-spring': { label: 'bezel spring', key: 'f', backBy: 'close' },
  insert: { label: 'insert', key: 'u', backBy: 'close' },
  'chapter-ring': { label: 'chapter ring', key: 'l', backBy: 'close' },
  'crystal-gasket': { label: 'crystal gasket', key: 'x', backBy: 'close' },
} as const satisfies Record<string, TrailPart>

interface TrailPart {
  readonly label: string
  /** empty when it is only offered by tap */
  readonly key: string
  /** the stage that cannot be left while it is missing */
  readonly backBy: StageId
}

export type TrailPartId = keyof typeof TRAIL_PARTS
export const TRAIL_PART_IDS = Object.keys(TRAIL_PARTS) as readonly TrailPartId[]

/** Marks that tell screws of one kind apart. */
export const SIZE_MARKS = ['', 'short', 'long'] as const
export type SizeMark = (typeof SIZE_MARKS)[number]

/** “4 long shell screws”, “case back”. */
export function partsText(part: TrailPartId, count: number, size: SizeMark): string {
  const { label } = TRAIL_PARTS[part]
  const words = [size, label].filter(Boolean).join(' ')
  if (count === 1) return words
  return `${count} ${words}${words.endsWith('s') ? 'es' : 's'}`
}

/** Parts a stage usually takes off: what its panel offers first. Any part can be recorded anywhere. */
export const USUAL_PARTS: Readonly<Partial<Record<StageId, readonly TrailPartId[]>>> = {
  open: ['strap', 'spring-bar', 'shell-screw', 'shell', 'back-screw', 'back', 'back-seal', 'cell'],
  decase: ['stem', 'circuit-cover', 'contact', 'clamp', 'screw', 'ring', 'spacer', 'movement'],
  'push-out': ['bezel-screw', 'bezel', 'bezel-spring', 'insert', 'chapter-ring', 'crystal-gasket'],
}
