import type { Die } from '../dies/Die'
import type { DiePolicy } from '../dies/diePolicy'
import type { DieOutcome } from '../dies/pressInDies'
import type { Candidate } from '../fit/Candidate'
import type { CrystalSeat, SeatOutcome } from '../fit/CrystalSeat'
import type { FitPolicy } from '../fit/fitPolicy'
import type { FitWishes } from '../fit/FitWishes'
import type { OrderProposal } from '../fit/OrderProposal'
import type { CrystalBuild, CrystalMaterial, StockCrystal, StockGasket } from '../fit/parts'
import type { Shortlist, ShortlistOptions } from '../fit/shortlistTypes'
import type { StockIndex } from '../fit/stockIndex'
import type { Fractions } from '../fit/Window'
import type { PressSituation, PressStep } from '../press/PressStep'
import type { StepRule } from '../procedure/Step'
import type { DimensionId } from '../readings/dimensions'
import type { SqueezeState } from '../section/gasketTint'
import type { DrawnParts, JointFigures } from '../section/drawnParts'
import type { Outline, Point } from '../section/outline'
import type { SectionCase } from '../section/sectionGeometry'
import type { CaseSheet } from '../tray/CaseSheet'
import type { MeasuredFigures } from '../tray/measuredFigures'
import type { SeatSize } from '../tray/SeatSize'
import type { BezelKind, CrystalOutline, Retention } from './kinds'

/** How a construction is spoken of. */
export interface ConstructionWords {
  /** what holds the crystal, as a technician says it: “glass in a ring gasket” */
  readonly held: string
  /** heads the shortlist */
  readonly choice: string
  /** what the figure that holds it is called, in a narrow column */
  readonly hold: string
  /** what the figure of how high it stands is called there */
  readonly stand: string
  /** how a crystal is said that stands higher or lower than the old one, where no rim tells */
  readonly againstOld: { readonly title: 'Edge' | 'Height'; readonly more: string; readonly less: string }
  /** what each constraint is called when it was missed */
  readonly missed: Readonly<Record<string, string>>
}

/** What of a piece decides which dimensions are read. */
export interface ReadPiece {
  /** null when nobody said */
  readonly crystalOutline: CrystalOutline | null
  /** null when nobody has looked */
  readonly crystalMaterial: CrystalMaterial | null
}

/** Dimensions read of a construction, in the order of the work. Common practice. */
export interface ReadOrder {
  /** of a crystal that is whole enough to go across */
  readonly crystal: readonly DimensionId[]
  /** once the crystal has been dealt with: the first before the gasket, the others after it */
  readonly seat: readonly DimensionId[]
  /** of the old gasket */
  readonly gasket: readonly DimensionId[]
  /** of the seat with the old gasket in it, where the crystal tells nothing */
  readonly fitted: readonly DimensionId[]
  /** as well, when somebody wants to know */
  readonly beside: readonly DimensionId[]
}

/** When a dimension is asked on the sheet of such a case: always, or not of a crystal of that outline. */
export type Asked = 'always' | 'unless-round' | 'unless-shaped'

/** A bezel's part in holding the crystal. */
export interface HoldingBezel {
  /** `carries`: crystal, ring and chapter ring live in it. `clamps`: it squeezes the crystal over the neck */
  readonly role: 'carries' | 'clamps'
  /** what of it does */
  readonly by: { readonly name: string; readonly dimension: DimensionId }
  /** dimensions that go with it beside those of every bezel */
  readonly owns: readonly DimensionId[]
}

/** Fields of the sheet a construction leaves no free choice of, with what is left. */
export interface GoesWith {
  readonly crystalMaterial?: readonly CrystalMaterial[]
  readonly bezelKind?: readonly BezelKind[]
}

/** The ring gasket round a crystal. */
export interface RingUse {
  /** false where no ring ever lies round the crystal */
  readonly takes: boolean
  /** is a crystal of this material sealed by it? null when nobody looked */
  readonly sealsWith: (material: CrystalMaterial | null) => boolean
  /** a sound one may go back; squeezed for good it may not */
  readonly mayServeAgain: boolean
  /** it lies where a bath reaches it from the front */
  readonly atFace: boolean
  /** the bore it squeezes the crystal into; null where it squeezes elsewhere */
  readonly bore: DimensionId | null
}

/** Dies that bring a crystal home; null where it goes in by hand. */
export interface FittingDies {
  readonly pusher: DieOutcome | null
  readonly support: DieOutcome | null
}

/** What of a crystal its dies go by. */
export type Pressed = Pick<
  StockCrystal,
  'diameterMm' | 'edgeThicknessMm' | 'centreThicknessMm' | 'undersideRiseMm'
>

/** What the dies go by. All mm. */
export interface DieSituation {
  readonly crystal: Pressed
  /** what the crystal or its bezel goes into or over */
  readonly openingMm: number
  readonly caseDiameterMm: number
  readonly bezelOuterMm: number
}

/** A dimension the section names beside its left half, and the place it points at. */
export type SectionSpot = readonly [dimension: DimensionId, at: Point]

/** What the section knows when it names dimensions. All mm. */
export interface SpotSituation {
  readonly section: SectionCase
  readonly joint: JointFigures
  readonly wallMm: number
  readonly crystalMaterial: CrystalMaterial | null
}

/** The joint as it came in, as far as it is known. All mm. */
export interface FoundJoint {
  readonly crystalMm: number
  readonly wallMm: number
  readonly openingMm: number
  /** any dimension of it; null when nobody knows it */
  readonly mm: (id: DimensionId) => number | null
}

/** How a construction's steps differ from another's, by where they stand in the work. */
export interface ConstructionSteps {
  /** the old crystal comes out */
  readonly out: readonly StepRule[]
  /** everything under the crystal first, then the crystal */
  readonly in: readonly StepRule[]
  /** as its bezel goes back on */
  readonly bezelOn: readonly StepRule[]
}

/**
 * One way of holding a crystal: everything that is otherwise for it than for another. The rest of the code asks this
 * object and never compares a construction's code.
 *
 * Functions are declared as methods on purpose: each construction knows its own kind of seat and of candidate, and is
 * only ever handed its own, because both are found by the same code (`constructionOf`).
 */
export interface Construction<S extends CrystalSeat = CrystalSeat, C extends Candidate = Candidate> {
  readonly id: Retention
  readonly words: ConstructionWords
  readonly ring: RingUse
  /** null where a bezel, if there is one, has no say in what holds the crystal */
  readonly bezel: HoldingBezel | null
  /** what of its sheet follows from it: the values that go with it, the usual one first; a field left out is free */
  readonly goesWith: GoesWith
  /** false where it goes in by hand */
  readonly pressed: boolean
  /** what its crystal is pushed out of from inside; null where it is lifted, squeezed or turned out */
  readonly pushedOutOf: 'case' | 'bezel' | null
  /** its rim stands as the press left it: level or not is seen there; where a bezel goes over it first, it is not */
  readonly rimSeenAtPress: boolean

  // Its dimensions.
  /** on its sheet beside those of every case */
  readonly dimensions: Readonly<Partial<Record<DimensionId, Asked>>>
  reads(piece: ReadPiece): ReadOrder
  /** what the crystal or its bezel goes into or over */
  opening(sheet: Pick<CaseSheet, 'crystalOutline'>): DimensionId

  // What fits it.
  seat(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatOutcome<S>
  /** how a crystal's size follows from its seat; null for a ring in a bore, for sides, and where figures are missing */
  seatSize(measured: MeasuredFigures, sheet: CaseSheet, policy: FitPolicy): SeatSize | null
  /** what it takes */
  wants(seat: S): { readonly build: CrystalBuild; readonly ring: boolean }
  /** judges parts that are what it takes; null where they lack what it needs */
  assess(crystal: StockCrystal, gasket: StockGasket | null, seat: S, policy: FitPolicy): C | null
  /** what of the drawers fits, best first, and what nearly does */
  search(index: StockIndex, seat: S, wishes: FitWishes, options: ShortlistOptions): Shortlist<C>
  /** why a constraint speaks against a candidate, with the figure and the limit */
  failure(name: string, candidate: C, seat: S, policy: FitPolicy): string
  /** why it holds, in the sentences a technician would say */
  reasons(candidate: C, seat: S, policy: FitPolicy): string[]
  /** what part of itself its ring is squeezed by, as the shop would have it; null where none is squeezed */
  squeezeBand(gasket: StockGasket, policy: FitPolicy): Fractions | null
  /** nearest sizes to order, the likeliest first; empty where none can be told */
  toOrder(seat: S, sheet: CaseSheet, policy: FitPolicy): OrderProposal[]

  // The work.
  readonly steps: ConstructionSteps
  /** what is read of the case once the crystal is out, as a step’s title */
  readonly measureCase: string
  readonly cleanSeat: string
  /** how its ring is chosen, as a step’s title and reason; null says it as usual */
  readonly matchRing: { readonly title: string; readonly why: string } | null
  dies(dies: readonly Die[], situation: DieSituation, policy: DiePolicy): FittingDies
  pressSteps(situation: PressSituation): PressStep[]
  /** beside those of every press */
  readonly cautions: readonly string[]

  // How it is drawn.
  outlines(section: SectionCase, joint: JointFigures, parts: DrawnParts): Outline[]
  spots(situation: SpotSituation): readonly SectionSpot[]
  /** the crystal’s own dimension across */
  across(sheet: Pick<CaseSheet, 'crystalOutline'>, known: (id: DimensionId) => boolean): DimensionId
  /** neck and bezel where nobody measured them, from what it goes into, mm */
  assumedJoint(openingMm: number): { readonly neckOuterMm: number; readonly bezelInnerMm: number }
  /** how the old ring was held; null where there is none to tell of, or too little is known */
  foundHold(found: FoundJoint, sheet: CaseSheet, policy: FitPolicy): SqueezeState | null
}
