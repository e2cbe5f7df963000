import { bayonetRing } from './bayonetRing'
import { cemented } from './cemented'
import type { Construction } from './Construction'
import type { Retention } from './kinds'
import { RETENTIONS } from './kinds'
import { neckAndBezel } from './neckAndBezel'
import { pressInBezel } from './pressInBezel'
import { snapAcrylic } from './snapAcrylic'
import { CaseTrouble } from '../tray/CaseTrouble'
import { tensionGasket } from './tensionGasket'
import { tensionRingAcrylic } from './tensionRingAcrylic'

const BY_CODE: Readonly<Record<Retention, Construction>> = {
  'tension-gasket': tensionGasket,
  'neck-and-bezel': neckAndBezel,
  'press-in-bezel': pressInBezel,
  'snap-acrylic': snapAcrylic,
  'tension-ring-acrylic': tensionRingAcrylic,
  cemented,
  'bayonet-ring': bayonetRing,
}

/** Every way of holding a crystal that is known, in the order they are offered. */
export const CONSTRUCTIONS: readonly Construction[] = RETENTIONS.map((id) => BY_CODE[id])

/** @throws CaseTrouble for a code nobody knows, as from a newer version */
export function constructionOf(retention: Retention): Construction {
  // A code comes from a database or a document: it may be of a newer version.
  const found = BY_CODE[retention] as Construction | undefined
  if (!found)
    throw new CaseTrouble(
      `Crystal held: “${String(retention)}” is no construction this version knows. Open the data with the Whyalon that wrote it, or a newer one.`,
    )
  return found
}

/** True for a code that is known: what comes from outside is asked first. */
export function isRetention(code: unknown): code is Retention {
  return RETENTIONS.some((known) => known === code)
}
