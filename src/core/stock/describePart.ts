import { formatMm } from '../units/formatMm'
import type { PartKind } from './partKinds'
import { PART_WORDS } from './partKinds'
import { PART_SIZES } from './partSizes'

type Value = string | number | null | undefined

/** A part in the words it is asked for by: “30.0 × 1.0 flat mineral crystal”. @param part - its record */
export function describePart(kind: PartKind, part: Readonly<Record<string, Value>>): string {
  const words = (name: string) => {
    const value = part[name]
    return typeof value === 'string' && value !== '' && value !== 'none' ? value.replaceAll('-', ' ') : null
  }
  if (kind === 'supply') return words('name') ?? ''
  const sizes = sizeNames(kind, part).flatMap((name) => {
    const mm = part[name]
    // A full-face die has no opening, and nobody says so.
    return typeof mm === 'number' && mm > 0 ? [formatMm(mm, FINE.includes(name) ? 0.01 : 0.1)] : []
  })
  const named = NAMED_BY[kind].map(words).filter((word) => word !== null)
  const magnifier = kind === 'crystal' && words('magnifier') ? ['magnifier'] : []
  const ar = kind === 'crystal' && words('arCoating') ? [`AR ${words('arCoating')}`] : []
  return [sizes.join(' × '), ...named, PART_WORDS[kind].one, ...magnifier, ...ar].filter(Boolean).join(' ')
}

/** Sizes told to a hundredth. */
const FINE: readonly string[] = ['wallMm', 'sectionMm']

function sizeNames(kind: PartKind, part: Readonly<Record<string, Value>>): readonly string[] {
  const [first = '', ...rest] = PART_SIZES[kind]
  return kind === 'crystal' && typeof part.widthMm === 'number'
    ? [first, 'widthMm', ...rest]
    : PART_SIZES[kind]
}

const NAMED_BY: Readonly<Record<PartKind, readonly string[]>> = {
  crystal: ['profile', 'material'],
  gasket: ['material', 'colour'],
  'o-ring': ['material'],
  bezel: ['material', 'bezelKind'],
  insert: ['form', 'material', 'colour'],
  'chapter-ring': ['form', 'material', 'colour'],
  die: ['material', 'role'],
  supply: [],
}
