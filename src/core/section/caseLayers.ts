import type { TrailPartId } from '../trail/parts'
import type { TrailLine } from '../trail/partsTrail'
import type { Outline, SectionMaterial } from './outline'

/** One layer of a case, from the crystal down. */
export interface CaseLayer {
  readonly part: TrailPartId
  readonly away: boolean
  /** what it is away with, not having come off that; null where it came off itself or is in place */
  readonly awayWith: TrailPartId | null
}

/** What of the trail a drawn material is; the case itself and what is no part of its own are none. */
const PART_OF: Readonly<Record<SectionMaterial, TrailPartId | null>> = {
  case: null,
  cement: null,
  bezel: 'bezel',
  insert: 'insert',
  crystal: 'crystal',
  'metal-ring': 'crystal',
  gasket: 'crystal-gasket',
  'chapter-ring': 'chapter-ring',
  dial: 'movement',
  movement: 'movement',
  'back-seal': 'back-seal',
  back: 'back',
}

/** What lies on another part and goes where that goes. */
const RIDES_ON: Readonly<Partial<Record<TrailPartId, TrailPartId>>> = { insert: 'bezel', hand: 'movement' }

/** From above, as they come off from the front and lie on each other. Common practice. */
const FROM_ABOVE: readonly TrailPartId[] = [
  'bezel',
  'insert',
  'crystal',
  'crystal-gasket',
  'chapter-ring',
  'hand',
  'movement',
  'back-seal',
  'back',
]

/** The layers a drawn case has, from above, and which of them are off by the parts trail. */
export function caseLayers(
  outlines: readonly Outline[],
  hands: boolean,
  trail: readonly Pick<TrailLine, 'part' | 'open'>[],
): CaseLayer[] {
  const has = new Set(outlines.map(({ material }) => PART_OF[material]))
  if (hands) has.add('hand')
  const isOff = (part: TrailPartId) => trail.some((line) => line.part === part && line.open > 0)
  return FROM_ABOVE.filter((part) => has.has(part)).map((part) => {
    const under = RIDES_ON[part]
    const awayWith = under && !isOff(part) && isOff(under) ? under : null
    return { part, away: isOff(part) || awayWith !== null, awayWith }
  })
}

/** True when the crystal came off and is on again, its own or a new one. */
export function crystalIsHome(trail: readonly Pick<TrailLine, 'part' | 'open'>[]): boolean {
  const lines = trail.filter(({ part }) => part === 'crystal')
  return lines.length > 0 && lines.every(({ open }) => open === 0)
}

/** Drawn materials that are off, by their layers. */
export function materialsAway(layers: readonly CaseLayer[]): ReadonlySet<SectionMaterial> {
  const off = new Set(layers.filter(({ away }) => away).map(({ part }) => part))
  const materials = Object.keys(PART_OF) as SectionMaterial[]
  return new Set(
    materials.filter((material) => {
      const part = PART_OF[material]
      return part !== null && off.has(part)
    }),
  )
}
