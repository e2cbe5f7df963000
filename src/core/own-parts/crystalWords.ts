import type { StockCrystal } from '../fit/parts'
import { isOwn } from './OwnPart'
import { formatMm } from '../units/formatMm'

/** A crystal as a technician says it: “30.0 × 1.0 flat mineral”. */
export function crystalWords(crystal: StockCrystal): string {
  const sizes = [crystal.diameterMm, crystal.widthMm, crystal.edgeThicknessMm].flatMap((mm) =>
    mm === null ? [] : [formatMm(mm, isOwn(crystal) ? 0.01 : 0.1)],
  )
  const build = [crystal.profile, crystal.material].map((word) => word.replaceAll('-', ' ')).join(' ')
  return `${isOwn(crystal) ? 'Its own ' : ''}${sizes.join(' × ')} ${build}`
}
