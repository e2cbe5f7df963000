import { constructionOf } from '../../construction/constructions'
import type { Job } from '../Job'

/**
 * What lies in a pusher's way and is off before a crystal is taken out: nothing is pressed from behind through a back or
 * a movement. What is left of a shattered one is picked out from the front. Common practice.
 */
export function crystalOutAfter({ facts, frontLoader }: Job): readonly string[] {
  const behind = frontLoader ? [] : ['back-off', 'movement-out']
  const pressed = facts.crystalState !== 'shattered' && constructionOf(facts.retention).pushedOutOf === 'case'
  return [...(pressed ? behind : []), 'bezel-off']
}

/** What a crystal shuts in, dust on its inside among it, and what is out of its seat before it goes in. */
export function crystalInAfter({ frontLoader }: Job): readonly string[] {
  const under = ['chapter-ring-in', 'ring-dry', 'ring-align', 'ring-fix']
  return ['crystal-out', 'crystal-clean', ...under, ...(frontLoader ? ['movement-in'] : [])]
}

/** A bezel that holds the crystal goes on with it, or over it. */
export function bezelOnAfter({ facts }: Job): readonly string[] {
  return ['match-bezel', ...(constructionOf(facts.retention).bezel === null ? [] : ['crystal-in'])]
}

/** What no hand reaches any more under a back that is on. */
export const BACK_ON_AFTER: readonly string[] = [
  'movement-in',
  'cell-in',
  'cover-on',
  'back-seal-in',
  'underside-inspect',
]
