import type { Retention } from '../construction/kinds'

/** Constructions whose crystal and gasket can be matched from the drawers; the others keep readings, steps and parts. */
export function isMatched(retention: Retention): boolean {
  return retention === 'tension-gasket'
}
