import type { AskedFor } from '../intake/jobWords'
import { constructionOf } from './constructions'
import type { Retention } from './kinds'

/**
 * True where a new bezel means work on the crystal too: crystal, ring and chapter ring live in the old one and are
 * pressed into the new one off the case. Common practice
 */
export function carriesCrystalOver({
  retention,
  asked,
}: {
  readonly retention: Retention
  readonly asked: readonly AskedFor[]
}): boolean {
  return asked.includes('bezel') && constructionOf(retention).bezel?.role === 'carries'
}
