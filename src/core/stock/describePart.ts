import type { PartRecord } from '../parts/Part'
import type { PartKind } from '../parts/parts'
import { PARTS } from '../parts/parts'
import { formatMm } from '../units/formatMm'

/** Sizes told to a hundredth. */
const FINE: readonly string[] = ['wallMm', 'sectionMm']

/** A part in the words it is asked for by: “30.0 × 1.0 flat mineral crystal”. */
export function describePart(kind: PartKind, part: PartRecord): string {
  const { one, sizes, saidSizes = sizes, namedBy, nameAlone, remarks } = PARTS[kind]
  const said = saidSizes.flatMap((name) => {
    const mm = part[name]
    // A full-face die has no opening, and nobody says so.
    return typeof mm === 'number' && mm > 0 ? [formatMm(mm, FINE.includes(name) ? 0.01 : 0.1)] : []
  })
  const named = namedBy.flatMap((name) => {
    const value = part[name]
    if (typeof value !== 'string' || value === '' || value === 'none') return []
    return nameAlone ? [value] : [value.replaceAll('-', ' ')]
  })
  return [said.join(' × '), ...named, ...(nameAlone ? [] : [one]), ...(remarks?.(part) ?? [])]
    .filter(Boolean)
    .join(' ')
}
