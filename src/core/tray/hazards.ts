import type { CrystalMaterial } from '../fit/parts'
import type { CrystalState } from '../readings/readingPlan'
import type { StageId } from '../stages/stages'
import { stageIndex } from '../stages/stages'

export interface Hazard {
  readonly id: 'glass-splinters' | 'old-lume' | 'movement-running'
  readonly label: string
  readonly advice: string
}

export interface HazardFacts {
  readonly crystalState: CrystalState
  readonly crystalMaterial: CrystalMaterial | null
  readonly oldLume: boolean
  readonly stage: StageId
}

/** What can hurt the technician or the piece on this tray, as long as it can. Common practice. */
export function hazardsOf({ crystalState, crystalMaterial, oldLume, stage }: HazardFacts): Hazard[] {
  const hazards: Hazard[] = []
  const broken = crystalState === 'cracked' || crystalState === 'shattered'
  if (broken && crystalMaterial !== 'acrylic' && stageIndex(stage) <= stageIndex('press-in')) {
    hazards.push({
      id: 'glass-splinters',
      label: 'glass splinters',
      advice:
        'Eye protection, finger cots; every fragment out of dial, hands and seat before the new crystal goes in.',
    })
  }
  if (broken && stageIndex(stage) <= stageIndex('open')) {
    hazards.push({
      id: 'movement-running',
      label: 'stop the movement',
      advice: 'Crown to hand-setting or cell out, now: a shard between hand and dial strips a running train.',
    })
  }
  if (oldLume) {
    hazards.push({
      id: 'old-lume',
      label: 'old luminous paint',
      advice:
        'May be radium or tritium: do not scrape, sand or clean ultrasonically; follow the local radiation rules.',
    })
  }
  return hazards
}
