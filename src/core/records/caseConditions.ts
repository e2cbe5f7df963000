import type { Asked, GoesWith } from '../construction/Construction'
import { CONSTRUCTIONS } from '../construction/constructions'
import { BEZEL_KINDS, CROWN_KINDS } from '../construction/kinds'
import type { DimensionId } from '../readings/dimensions'
import { BACK_KINDS, isScrewedBack } from '../opening/backKinds'
import type { Narrowed, Shown } from './Field'
import { WHEN_TICKED } from './Field'

export const PRESSED = ['fixed-friction', 'crystal-retaining', 'rotating-click', 'rotating-friction']
export const HAS_CHAPTER_RING = { field: 'chapterRing', isOneOf: ['loose', 'fixed', 'keyed'] }
export const HAS_STEM = { field: 'movementKind', isOneOf: ['mechanical', 'quartz', 'hands-and-digital'] }
export const HAS_BEZEL = { field: 'bezelKind', isOneOf: BEZEL_KINDS.filter((kind) => kind !== 'none') }
export const HAS_CROWN = { field: 'crownKind', isOneOf: ['push-pull', 'screw-down'] }
export const HAS_BACK_RING = { field: 'backSeal', isOneOf: ['o-ring', 'flat-gasket'] }
export const HAS_INSERT = { field: 'insertMaterial', isOneOf: ['aluminium', 'ceramic', 'steel', 'sapphire'] }
export const HAS_MAGNIFIER = { field: 'magnifier', isOneOf: ['outside', 'inside'] }

/**
 * When a dimension is asked that only some constructions have: where the construction has it, and unless the outline of
 * the crystal says otherwise.
 */
export function whereBuiltSo(dimension: DimensionId): Shown[] {
  const asked = (when: Asked) =>
    CONSTRUCTIONS.filter(({ dimensions }) => dimensions[dimension] === when).map(({ id }) => id)
  const shown = (when: Asked, unless?: Shown['unless']): Shown[] => {
    const isOneOf = asked(when)
    return isOneOf.length === 0 ? [] : [{ field: 'retention', isOneOf, ...(unless && { unless }) }]
  }
  return [
    ...shown('always'),
    ...shown('unless-round', { field: 'crystalOutline', isOneOf: ['round'] }),
    ...shown('unless-shaped', { field: 'crystalOutline', isOneOf: ['shaped'] }),
  ]
}

/** What a construction leaves of a field's options. */
export function goingWith(field: keyof GoesWith): { readonly narrowed: Narrowed } {
  const left = CONSTRUCTIONS.flatMap(({ id, goesWith }) => {
    const values = goesWith[field]
    return values ? [[id, values] as const] : []
  })
  return { narrowed: { field: 'retention', to: Object.fromEntries(left) } }
}

/** Of a crystal that may be read along its sides: what its outline is has to be said. */
export const MAY_BE_SHAPED = {
  field: 'retention',
  isOneOf: CONSTRUCTIONS.filter(({ dimensions }) => Object.values(dimensions).includes('unless-round')).map(
    ({ id }) => id,
  ),
}
/** A crystal that a ring gasket may hold. */
export const RINGED = {
  field: 'retention',
  isOneOf: CONSTRUCTIONS.filter(({ ring }) => ring.takes).map(({ id }) => id),
}
export const TWO_PART_BACK = { field: 'twoPartBack', isOneOf: [WHEN_TICKED] }
export const SCREWED_BACK = { field: 'backKind', isOneOf: BACK_KINDS.filter(isScrewedBack) }
/** Nobody said that it has none. */
export const HAS_PUSHERS = {
  field: 'crownKind',
  isOneOf: [...CROWN_KINDS],
  unless: { field: 'pusherHours', isOneOf: [''] },
}
export const NOTCHED = { field: 'backKind', isOneOf: ['screw-notched'] }
