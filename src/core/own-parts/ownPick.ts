import type { OwnPartId } from './OwnPart'
import { isOwn, OWN_PARTS } from './OwnPart'
import type { OwnPart } from './ownParts'

/** A choice or a pick by where its parts come from. */
export interface ByOrigin {
  readonly crystal: { readonly id: number }
  /** null where no ring goes with the crystal */
  readonly gasket: { readonly id: number } | null
}

/** What of a choice is the piece's own. */
export function ownOf({ crystal, gasket }: ByOrigin): OwnPartId[] {
  return [
    ...(isOwn(crystal) ? ['crystal' as const] : []),
    ...(gasket && isOwn(gasket) ? ['crystal-gasket' as const] : []),
  ]
}

/** Why what is its own of a choice may not go in, in sentences; empty where it may, or where nothing is its own. */
export function againstOwn(choice: ByOrigin, parts: readonly OwnPart[]): string[] {
  return ownOf(choice).flatMap((id) => {
    const part = parts.find((one) => one.id === id)
    if (part && part.against === null) return []
    return [`Its own ${OWN_PARTS[id].label}: ${part?.against ?? 'not there any more'}.`]
  })
}

/** True where what was picked of the piece itself has been seen since not to serve, or is not there any more. */
export function isOwnPickLost(picked: ByOrigin, parts: readonly OwnPart[]): boolean {
  return ownOf(picked).some((id) => !parts.some((part) => part.id === id && part.mayStill))
}
