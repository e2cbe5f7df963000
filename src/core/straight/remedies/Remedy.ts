import type {
  BezelKind,
  ChapterRing,
  InsertHold,
  InsertMaterial,
  Magnifier,
  Retention,
} from '../../construction/kinds'
import type { CrystalMaterial } from '../../fit/parts'
import type { Displacement } from '../Displacement'
import type { StraightPair } from '../pairs'

/** What remedies depend on: how the case is built, and how the ring took a tilt. */
export interface RemedyFacts {
  readonly bezelKind: BezelKind
  /** a turn; null where nobody counted */
  readonly bezelClicks: number | null
  readonly insertMaterial: InsertMaterial
  readonly insertHold: InsertHold | null
  readonly chapterRing: ChapterRing
  readonly magnifier: Magnifier
  readonly retention: Retention
  readonly crystalMaterial: CrystalMaterial | null
  /** whether the chapter ring moved when the case was tilted; null where that was not tried */
  readonly moves: boolean | null
}

/** How a pair stands, to be helped. */
export interface ToHelp {
  readonly pair: StraightPair
  readonly displacement: Displacement
  /** standard uncertainty of the turn, degrees */
  readonly turnUncertaintyDeg: number
  readonly radiusMm: number
  readonly limitMm: number
  /** how far the dial itself is turned, where that is what is seen, degrees; null else */
  readonly dialDeg: number | null
  readonly facts: RemedyFacts
}

export const UNDO = ['yes', 'by-work', 'never'] as const
/** Whether it can be taken back: at once, with as much work again, or not at all. */
export type Undo = (typeof UNDO)[number]

/** One thing that could be done about it, told before a part is touched. */
export interface Remedy {
  readonly id: string
  readonly title: string
  readonly how: string
  readonly left: Displacement
  /** standard uncertainty of the turn that is left, degrees */
  readonly leftUncertaintyDeg: number
  readonly activeMinutes: number
  /** until it may be handled, minutes; 0 without cement */
  readonly waitMinutes: number
  readonly undo: Undo
  /** what it puts at risk; empty where nothing is known */
  readonly risk: string
  /** where dots of cement go, degrees clockwise from 12; left out where none do */
  readonly dotsDeg?: readonly number[]
  /** why it is none here, with what to do instead; null where it is one */
  readonly against: string | null
}

/** How well a hand sets a part under a loupe, standard deviation at the tick, mm. From memory. */
const BY_HAND_MM = 0.03

/** What a hand leaves of a turn it sets right, degrees. */
export function byHandDeg(radiusMm: number): number {
  return (BY_HAND_MM / radiusMm) * (180 / Math.PI)
}

/** The same without its turn: what turns stays as far off its middle as it is. */
export function unturned(displacement: Displacement): Displacement {
  return { ...displacement, turnedDeg: 0 }
}
