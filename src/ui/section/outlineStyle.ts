import type { SectionMaterial } from '@/core/section/outline'
import type { SqueezeState } from '@/core/section/gasketTint'

const INK = 'var(--mui-palette-text-primary)'
const colour = (name: string) => `var(--mui-palette-section-${name})`

const RING_TINTS: Readonly<Record<SqueezeState, string>> = {
  loose: colour('ringLoose'),
  slack: colour('ringSlack'),
  good: colour('ringGood'),
  tight: colour('ringTight'),
  crushed: colour('ringCrushed'),
}

export interface OutlineStyle {
  /** plain fill under the hatch */
  readonly fill: string
  /** hatch of the material, by pattern name */
  readonly hatch: 'case' | 'bezel' | 'gasket' | null
  readonly stroke: string
  readonly strokeWidth: number
}

/** How a material is drawn; the ring's tint follows how it is held. */
export function outlineStyle(material: SectionMaterial, ring: SqueezeState): OutlineStyle {
  const plain = { stroke: INK, strokeWidth: 1 }
  switch (material) {
    case 'case':
    case 'back':
      return { fill: 'var(--mui-palette-background-paper)', hatch: 'case', ...plain }
    case 'bezel':
      return { fill: 'var(--mui-palette-background-paper)', hatch: 'bezel', ...plain }
    case 'crystal':
      return { fill: colour('glass'), hatch: null, stroke: colour('glassEdge'), strokeWidth: 1.8 }
    case 'gasket':
      return { fill: RING_TINTS[ring], hatch: 'gasket', ...plain }
    case 'cement':
      return { fill: RING_TINTS[ring], hatch: null, stroke: INK, strokeWidth: 0.6 }
    case 'metal-ring':
      return { fill: colour('metal'), hatch: null, ...plain }
    case 'back-seal':
      return { fill: RING_TINTS.good, hatch: 'gasket', ...plain }
    case 'insert':
      return { fill: colour('insert'), hatch: null, ...plain }
    case 'chapter-ring':
      return { fill: colour('chapter'), hatch: null, stroke: 'none', strokeWidth: 0 }
    case 'dial':
      return { fill: colour('metal'), hatch: null, stroke: 'none', strokeWidth: 0 }
    case 'movement':
      return { fill: colour('movement'), hatch: null, stroke: colour('metal'), strokeWidth: 0.8 }
  }
}
