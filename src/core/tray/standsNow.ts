import type { PieceNow } from '../methods/PieceNow'
import type { JobFacts } from '../procedure/JobFacts'
import type { TrailPartId } from '../trail/parts'
import type { TrailLine } from '../trail/partsTrail'
import { isHome } from './isHome'
import type { KeptTray } from './KeptTray'

/** What takes a part off and what puts it back: its part of the trail, and steps, which speak where the trail is silent. */
const WAYS: Readonly<
  Record<
    keyof PieceNow['off'],
    { readonly part: TrailPartId; readonly off: readonly string[]; readonly on: readonly string[] }
  >
> = {
  strap: { part: 'strap', off: ['strap-off'], on: ['strap-on'] },
  shell: { part: 'shell', off: ['shell-off'], on: ['shell-on'] },
  back: { part: 'back', off: ['back-off'], on: ['back-on'] },
  crown: { part: 'stem', off: ['stem-out', 'crown-out'], on: ['movement-in', 'crown-seal'] },
  bezel: { part: 'bezel', off: ['bezel-off'], on: ['bezel-light', 'bezel-home'] },
  insert: { part: 'insert', off: ['insert-lift', 'insert-push-out', 'insert-blade-off'], on: ['insert-in'] },
  crystal: { part: 'crystal', off: ['crystal-out'], on: [] },
  crystalGasket: { part: 'crystal-gasket', off: ['crystal-gasket-out'], on: ['gasket-in-case'] },
  backSeal: { part: 'back-seal', off: ['back-seal-out'], on: ['back-seal-in'] },
  movement: { part: 'movement', off: ['movement-out'], on: ['movement-in'] },
}

/**
 * The piece as it stands now: what is off it by the parts trail, or by the steps ticked where the trail says nothing of a
 * part, and the crystal in it, which is a new one once a run brought it home.
 */
export function standsNow(
  facts: JobFacts,
  trail: readonly TrailLine[],
  { ticks, picked, pressRuns, trail: events }: Pick<KeptTray, 'ticks' | 'picked' | 'pressRuns' | 'trail'>,
): PieceNow {
  const home = isHome({ picked, pressRuns, trail: events })
  const ticked = (id: string) => ticks[`step:${id}`] !== undefined
  const isOff = (name: keyof PieceNow['off']): boolean => {
    const { part, off, on } = WAYS[name]
    const lines = trail.filter((line) => line.part === part)
    if (lines.length > 0) return lines.some((line) => line.open > 0)
    return off.some(ticked) && !on.some(ticked)
  }
  return {
    off: {
      strap: isOff('strap'),
      shell: isOff('shell'),
      back: isOff('back'),
      crown: isOff('crown'),
      bezel: isOff('bezel'),
      insert: isOff('insert'),
      crystal: !home && isOff('crystal'),
      crystalGasket: !home && isOff('crystalGasket'),
      backSeal: isOff('backSeal'),
      movement: isOff('movement'),
    },
    crystal:
      home && picked
        ? { state: 'whole', material: picked.crystal.material }
        : { state: facts.crystalState, material: facts.crystalMaterial },
  }
}
