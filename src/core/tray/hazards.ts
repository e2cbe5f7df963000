import type { MovementKind } from '../construction/kinds'
import { hasCell, hasHands } from '../construction/kinds'
import type { CrystalMaterial } from '../fit/parts'
import type { CrystalState } from '../intake/crystalStates'
import type { StageId } from '../stages/stages'
import { stageIndex } from '../stages/stages'

export const HAZARD_IDS = [
  'movement-running',
  'fragments-under-hands',
  'glass-splinters',
  'loose-markers',
  'moisture',
  'old-lume',
] as const
export type HazardId = (typeof HAZARD_IDS)[number]

export interface Hazard {
  readonly id: HazardId
  readonly label: string
  readonly advice: string
  /** what ticking it says was done; null when it never ends */
  readonly dealt: string | null
  /** when it was ticked; null while it stands */
  readonly dealtAt: string | null
}

/** How a piece came in, as far as something of it can hurt. */
export interface PieceAsItCame {
  readonly crystalState: CrystalState
  readonly crystalMaterial: CrystalMaterial | null
  readonly movementKind: MovementKind
  readonly oldLume: boolean
  readonly looseMarkers: boolean
  readonly steamedUp: boolean
}

interface HazardRule {
  readonly label: string
  readonly advice: string
  readonly dealt: string | null
  /** ids of the steps it rests on: with one of them open it cannot have been dealt with */
  readonly after?: readonly string[]
  /** the stage by whose end it is usually dealt with; null when it never is */
  readonly usuallyBy: StageId | null
  readonly when: (facts: PieceAsItCame) => boolean
}

const isBroken = ({ crystalState }: Pick<PieceAsItCame, 'crystalState'>) =>
  crystalState === 'cracked' || crystalState === 'shattered'

/** True where broken glass may lie on seat, dial or gasket: acrylic does not splinter. */
export function leavesSplinters(facts: Pick<PieceAsItCame, 'crystalState' | 'crystalMaterial'>): boolean {
  return isBroken(facts) && facts.crystalMaterial !== 'acrylic'
}

/** What can hurt the technician or the piece, until somebody dealt with it. Common practice. */
const HAZARDS: Readonly<Record<HazardId, HazardRule>> = {
  'movement-running': {
    label: 'stop the movement',
    advice: 'Crown to hand-setting or cell out, now: a shard between hand and dial strips a running train.',
    dealt: 'movement stopped',
    usuallyBy: 'decase',
    when: (facts) => isBroken(facts) && hasHands(facts.movementKind),
  },
  'fragments-under-hands': {
    label: 'fragments under the hands',
    advice: 'Do not turn the hands. Putty and air; hands off if anything may lie under them.',
    dealt: 'fragments out',
    usuallyBy: 'clean',
    when: (facts) => facts.crystalState === 'shattered' && hasHands(facts.movementKind),
  },
  'glass-splinters': {
    label: 'glass splinters',
    advice:
      'Eye protection, finger cots; every fragment out of dial, hands and seat before the new crystal goes in.',
    dealt: 'bench and case free of glass',
    after: ['crystal-out', 'fragments-out', 'seat-clean'],
    usuallyBy: 'press-in',
    when: leavesSplinters,
  },
  'loose-markers': {
    label: 'loose markers',
    advice: 'Keep it dial up; a loose marker jams a hand and is lost at the first knock.',
    dealt: 'markers secured',
    usuallyBy: 'clean',
    when: (facts) => facts.looseMarkers,
  },
  moisture: {
    label: 'moisture inside',
    advice: 'Open it first of all trays: rust starts within hours. No bath for this head.',
    dealt: 'dried and looked at for rust',
    after: ['back-off', 'movement-out'],
    usuallyBy: 'clean',
    when: (facts) => facts.steamedUp,
  },
  'old-lume': {
    label: 'old luminous paint',
    advice:
      'May be radium or tritium: do not scrape, sand or clean ultrasonically; follow the local radiation rules.',
    dealt: null,
    usuallyBy: null,
    when: (facts) => facts.oldLume,
  },
}

/** What it is called. */
export function hazardLabel(id: HazardId): string {
  return HAZARDS[id].label
}

/** Ids of the steps that dealing with a hazard rests on. */
export function stepsBeforeDealing(id: HazardId): readonly string[] {
  return HAZARDS[id].after ?? []
}

/** When each hazard was ticked, ISO time. */
export type HazardTicks = Readonly<Partial<Record<HazardId, string>>>

/** Hazard ticks out of all ticks of a tray, which are kept by `hazard:` and its id. */
export function hazardTicksOf(ticks: Readonly<Record<string, string>>): HazardTicks {
  return Object.fromEntries(
    HAZARD_IDS.flatMap((id) => {
      const at = ticks[`hazard:${id}`]
      return at === undefined ? [] : [[id, at]]
    }),
  )
}

/** Every hazard of this tray, dealt with or not. */
export function allHazards(facts: PieceAsItCame, ticks: HazardTicks): Hazard[] {
  return HAZARD_IDS.filter((id) => HAZARDS[id].when(facts)).map((id) => {
    const { label, advice, dealt } = HAZARDS[id]
    const cell = id === 'movement-running' && !hasCell(facts.movementKind)
    return {
      id,
      label,
      advice: cell ? advice.replace(' or cell out', '') : advice,
      dealt,
      dealtAt: dealt === null ? null : (ticks[id] ?? null),
    }
  })
}

/** The hazards that still stand: an act ends one, never a stage. */
export function standingHazards(facts: PieceAsItCame, ticks: HazardTicks): Hazard[] {
  return allHazards(facts, ticks).filter(({ dealtAt }) => dealtAt === null)
}

/** Whether a hazard is usually dealt with by the time a tray stands at this stage. */
export function usuallyDealtWith(id: HazardId, stage: StageId): boolean {
  const { usuallyBy } = HAZARDS[id]
  return usuallyBy !== null && stageIndex(stage) > stageIndex(usuallyBy)
}
