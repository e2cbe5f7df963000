import type { TrailPartId } from '../trail/parts'
import { TRAIL_PARTS } from '../trail/parts'
import type { TrayCase } from '../tray/trayCase'

/** Of these nothing goes back: cells are recycled by local rules. */
const NOT_GIVEN_BACK: readonly TrailPartId[] = ['cell']

/** Old parts that were renewed and go back to their owner in a bag. A crystal in pieces does not. Common practice. */
export function ownPartsBack({ trail, kept }: Pick<TrayCase, 'trail' | 'kept'>): string[] {
  const inPieces = kept.tray.crystalState === 'shattered' || kept.tray.crystalState === 'missing'
  const renewed = trail
    .filter(({ renewed: count }) => count > 0)
    .map(({ part }) => part)
    .filter((part) => !NOT_GIVEN_BACK.includes(part) && !(part === 'crystal' && inPieces))
  return [...new Set(renewed)].map((part) => `old ${TRAIL_PARTS[part].label}`)
}
