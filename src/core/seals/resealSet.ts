import type { Figure } from '../fit/CrystalSeat'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { StockGasket } from '../fit/parts'
import type { PartKind } from '../parts/parts'
import type { StockORing } from '../stock/otherParts'
import type { CaseSheet } from '../tray/CaseSheet'
import { figureOf } from '../tray/caseFigures'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { formatMm } from '../units/formatMm'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { GrooveFigures, SealAssessment } from './assessSeal'
import type { SealChoice } from './backSeals'
import { oRingsForGroove, oRingsLikeOld, ringToOrder, sealSentence } from './backSeals'
import { flatGasketsForGroove, flatGasketsLikeOld } from './flatGaskets'
import type { FlatSealPolicy } from './flatSealPolicy'
import { flatSealSentence, flatToOrder } from './flatSeal'
import { oldRingView } from './oldRing'
import type { SealPolicy } from './sealPolicy'

/** One choice for a seal, as a line of the drawers. */
export interface SealLine {
  readonly kind: PartKind
  readonly partId: number
  readonly code: string
  readonly drawer: string
  readonly quantity: number
  readonly words: string
  readonly reason: string
  readonly seal: SealAssessment | null
}

/** One seal of a case, with what serves it. */
export interface SealItem {
  readonly id: 'back' | 'crown'
  readonly title: string
  readonly choices: readonly SealLine[]
  /** what to order where the drawers hold nothing */
  readonly order: string | null
  /** how the old ring's readings are biased, and other things to know */
  readonly notes: readonly string[]
  /** what to measure to know more */
  readonly measure: readonly DimensionId[]
}

export interface SealStock {
  readonly oRings: readonly StockORing[]
  readonly gaskets: readonly StockGasket[]
}

/** What every kind of seal wants of its place. */
interface SealPolicies {
  readonly seal: SealPolicy
  readonly flat: FlatSealPolicy
}

/** The seals of a case beside its crystal's, each with what of the drawers serves it: the reseal set. */
export function resealSet(
  measured: MeasuredFigures,
  sheet: CaseSheet,
  stock: SealStock,
  policy: SealPolicies,
): SealItem[] {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const items: SealItem[] = []
  if (sheet.backSeal === 'o-ring') items.push(backORing(measured, figure, stock.oRings, policy))
  if (sheet.backSeal === 'flat-gasket') items.push(backFlat(figure, stock.gaskets, policy))
  if (sheet.backSeal === 'plastic-ring') items.push(PLASTIC)
  if (sheet.crownKind !== 'none') items.push(crownSeal(figure, stock.oRings, policy))
  return items
}

type Known = (id: DimensionId) => Figure | null

function backORing(
  measured: MeasuredFigures,
  figure: Known,
  rings: readonly StockORing[],
  { seal }: SealPolicies,
): SealItem {
  const groove = grooveOf(figure)
  const oldInner = figure('back-ring-inner')
  const oldSection = figure('back-ring-section')
  const old = oldRingView(
    {
      innerMm: oldInner?.valueMm ?? null,
      sectionMm: oldSection?.valueMm ?? null,
      sectionSpreadMm: measured['back-ring-section']?.spread.spreadMm ?? 0,
      grooveInnerMm: figure('back-groove-inner')?.valueMm ?? null,
      gapMm: figure('back-groove-depth')?.valueMm ?? null,
    },
    seal.oldRing,
  )
  const base = { id: 'back' as const, title: 'Back O-ring', notes: old.sentences }
  if (groove) {
    const original = { innerMm: old.likelyInnerMm, sectionMm: old.likelySectionMm }
    const choices = oRingsForGroove(rings, groove, seal, original)
    const order = choices.length === 0 ? ringToOrder(groove, seal) : null
    return {
      ...base,
      choices: choices.map(oRingLine),
      order: order && `${order.name}: ${sealSentence(order.seal)}`,
      measure: [],
    }
  }
  const likely =
    old.likelyInnerMm !== null && old.likelySectionMm !== null
      ? oRingsLikeOld(rings, { innerMm: old.likelyInnerMm, sectionMm: old.likelySectionMm }, seal)
      : []
  return { ...base, choices: likely.map(oRingLine), order: null, measure: unknownOf(figure) }
}

function backFlat(figure: Known, gaskets: readonly StockGasket[], { seal, flat }: SealPolicies): SealItem {
  const inner = figure('back-ring-inner')
  const thickness = figure('back-ring-section')
  const groove = grooveOf(figure)
  const base = { id: 'back' as const, title: 'Flat back gasket', notes: flatNotes(thickness, groove, flat) }
  if (groove) {
    const choices = flatGasketsForGroove(gaskets, groove, { seal, flat })
    const order = choices.length === 0 ? flatToOrder(groove, flat, seal.leastProbability) : null
    return {
      ...base,
      choices: choices.map(gasketLine),
      order:
        order &&
        `nitrile flat gasket ${formatMm(order.innerMm, 0.1)} inside, ${formatMm(order.widthMm, 0.1)} wide, ${formatMm(order.thicknessMm)} thick: ${flatSealSentence(order.seal, 'nitrile', flat)}`,
      measure: [],
    }
  }
  const choices = inner && thickness ? flatGasketsLikeOld(gaskets, { inner, thickness }, flat) : []
  return {
    ...base,
    choices: choices.map(gasketLine),
    order:
      inner && thickness && choices.length === 0
        ? `flat gasket ${formatMm(inner.valueMm, 0.1)} inside, ${formatMm(thickness.valueMm)} thick`
        : null,
    measure: unknownOf(figure),
  }
}

/** How far the old gasket's reading can be trusted. */
function flatNotes(
  thickness: Figure | null,
  groove: GrooveFigures | null,
  { setWithin }: FlatSealPolicy,
): string[] {
  if (!thickness) return []
  if (!groove)
    return [
      'A flat gasket that lay under the back for years reads thin: rather a little thicker than thinner.',
    ]
  const set = thickness.valueMm <= groove.gap.valueMm * (1 + setWithin)
  return set
    ? [
        `The old one reads ${formatMm(thickness.valueMm)} thick in a gap of ${formatMm(groove.gap.valueMm)}: it has taken a set. Go by the recess.`,
      ]
    : []
}

/** The groove or recess in the back; null while one of its figures is not known. */
function grooveOf(figure: Known): GrooveFigures | null {
  const [inner, width, gap] = GROOVE.map(figure)
  return inner && width && gap ? { inner, width, gap } : null
}

const GROOVE = ['back-groove-inner', 'back-groove-width', 'back-groove-depth'] as const

/** What of the old seal and its place nobody knows yet. */
function unknownOf(figure: Known): DimensionId[] {
  return (['back-ring-inner', 'back-ring-section', ...GROOVE] as const).filter((id) => !figure(id))
}

const PLASTIC: SealItem = {
  id: 'back',
  title: 'Plastic snap ring under the back',
  choices: [],
  order: 'the maker’s own plastic ring for this case: they are moulded to it',
  notes: ['A plastic ring that came off whole and springy may go back; one that is white at a bend may not.'],
  measure: [],
}

/** A crown's ring lies stretched on the tube and is squeezed by the crown's bore. */
function crownSeal(figure: Known, rings: readonly StockORing[], { seal }: SealPolicies): SealItem {
  const tube = figure('crown-tube')
  const bore = figure('crown-bore')
  const base = {
    id: 'crown' as const,
    title: 'Crown seal',
    notes: ['The commonest leak after the back: clean, look at it, grease thinly, renew.'],
  }
  if (!tube || !bore) {
    const measure = [...(tube ? [] : ['crown-tube' as const]), ...(bore ? [] : ['crown-bore' as const])]
    return { ...base, choices: [], order: null, measure }
  }
  const gap: Figure = {
    ...combinedEstimate([
      [1 / 2, bore],
      [-1 / 2, tube],
    ]),
    origin: bore.origin,
  }
  if (gap.valueMm <= 0.05) {
    return {
      ...base,
      choices: [],
      order: null,
      notes: [...base.notes, 'Tube and bore leave no room for a ring: measure both again.'],
      measure: ['crown-tube', 'crown-bore'],
    }
  }
  const room = figure('crown-room')
  const width = room ?? { ...gap, valueMm: gap.valueMm * CROWN_ROOM }
  const groove = { inner: tube, gap, width }
  const choices = oRingsForGroove(rings, groove, seal)
  const order = choices.length === 0 ? ringToOrder(groove, seal) : null
  return {
    ...base,
    choices: choices.map(oRingLine),
    order: order && `${order.name}: ${sealSentence(order.seal)}`,
    notes: room
      ? base.notes
      : [
          ...base.notes,
          `How much of its groove it fills is told for ${formatMm(width.valueMm)} of room along the tube, which is assumed: the crown’s inside was not read.`,
        ],
    measure: [],
  }
}

/** Room along the tube for a crown's ring, times the gap. Assumed. */
const CROWN_ROOM = 2

function oRingLine({ part, seal, reason }: SealChoice<StockORing>): SealLine {
  const { id, code, drawer, quantity, innerDiameterMm, sectionMm, material } = part
  const words = `${formatMm(innerDiameterMm)} × ${formatMm(sectionMm)} ${material}`
  return { kind: 'o-ring', partId: id, code, drawer, quantity, words, reason, seal }
}

function gasketLine({ part, seal, reason }: SealChoice<StockGasket>): SealLine {
  const { id, code, drawer, quantity, outerDiameterMm, wallMm, heightMm, material } = part
  const innerMm = outerDiameterMm - 2 * wallMm
  const words = `${formatMm(outerDiameterMm, 0.1)} / ${formatMm(innerMm, 0.1)} × ${formatMm(heightMm)} flat ${material}`
  return { kind: 'gasket', partId: id, code, drawer, quantity, words, reason, seal }
}

/** What to measure, in words. */
export function measureText(ids: readonly DimensionId[]): string {
  return ids.map((id) => DIMENSIONS[id].label.toLowerCase()).join(', ')
}
