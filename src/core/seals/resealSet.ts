import type { Figure } from '../fit/CaseFacts'
import type { StockGasket } from '../fit/parts'
import type { PartKind } from '../stock/partKinds'
import type { StockORing } from '../stock/otherParts'
import type { CaseSheetFacts } from '../tray/CaseSheetFacts'
import { figureOf } from '../tray/caseFigures'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { formatMm } from '../units/formatMm'
import type { DimensionId } from '../readings/dimensionKinds'
import { DIMENSIONS } from '../readings/dimensions'
import type { SealAssessment } from './assessSeal'
import type { SealChoice } from './backSeals'
import { flatGasketsLikeOld, oRingsForGroove, oRingsLikeOld, ringToOrder, sealSentence } from './backSeals'
import { oldRingView } from './oldRing'

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

/** The seals of a case beside its crystal's, each with what of the drawers serves it: the reseal set. */
export function resealSet(measured: MeasuredFigures, sheet: CaseSheetFacts, stock: SealStock): SealItem[] {
  const figure = (id: DimensionId) => figureOf(id, measured, sheet)
  const items: SealItem[] = []
  if (sheet.backSeal === 'o-ring') items.push(backORing(measured, figure, stock.oRings))
  if (sheet.backSeal === 'flat-gasket') items.push(backFlat(figure, stock.gaskets))
  if (sheet.backSeal === 'plastic-ring') items.push(PLASTIC)
  if (sheet.crownKind !== 'none') items.push(crownSeal(figure, stock.oRings))
  return items
}

type Known = (id: DimensionId) => Figure | null

function backORing(measured: MeasuredFigures, figure: Known, rings: readonly StockORing[]): SealItem {
  const [inner, width, gap] = [
    figure('back-groove-inner'),
    figure('back-groove-width'),
    figure('back-groove-depth'),
  ]
  const oldInner = figure('back-ring-inner')
  const oldSection = figure('back-ring-section')
  const old = oldRingView({
    innerMm: oldInner?.valueMm ?? null,
    sectionMm: oldSection?.valueMm ?? null,
    sectionSpreadMm: measured['back-ring-section']?.spread.spreadMm ?? 0,
    grooveInnerMm: inner?.valueMm ?? null,
    gapMm: gap?.valueMm ?? null,
  })
  const base = { id: 'back' as const, title: 'Back O-ring', notes: old.sentences }
  if (inner && width && gap) {
    const groove = { inner, width, gap }
    const choices = oRingsForGroove(rings, groove)
    const order = choices.length === 0 ? ringToOrder(groove) : null
    return {
      ...base,
      choices: choices.map(oRingLine),
      order: order && `${order.name}: ${sealSentence(order.seal)}`,
      measure: [],
    }
  }
  const missing = (['back-groove-inner', 'back-groove-width', 'back-groove-depth'] as const).filter(
    (id) => !figure(id),
  )
  const likely =
    old.likelyInnerMm !== null && old.likelySectionMm !== null
      ? oRingsLikeOld(rings, { innerMm: old.likelyInnerMm, sectionMm: old.likelySectionMm })
      : []
  const first: DimensionId[] = [
    ...(oldInner ? [] : ['back-ring-inner' as const]),
    ...(oldSection ? [] : ['back-ring-section' as const]),
  ]
  return { ...base, choices: likely.map(oRingLine), order: null, measure: [...first, ...missing] }
}

function backFlat(figure: Known, gaskets: readonly StockGasket[]): SealItem {
  const inner = figure('back-ring-inner')
  const thickness = figure('back-ring-section')
  const choices = inner && thickness ? flatGasketsLikeOld(gaskets, { inner, thickness }) : []
  return {
    id: 'back',
    title: 'Flat back gasket',
    choices: choices.map(gasketLine),
    order:
      inner && thickness && choices.length === 0
        ? `flat gasket ${formatMm(inner.valueMm, 0.1)} inside, ${formatMm(thickness.valueMm)} thick`
        : null,
    notes: [],
    measure: [
      ...(inner ? [] : ['back-ring-inner' as const]),
      ...(thickness ? [] : ['back-ring-section' as const]),
    ],
  }
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
function crownSeal(figure: Known, rings: readonly StockORing[]): SealItem {
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
    valueMm: (bore.valueMm - tube.valueMm) / 2,
    standardUncertaintyMm: Math.hypot(bore.standardUncertaintyMm, tube.standardUncertaintyMm) / 2,
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
  // Nobody measures the groove inside a crown: rings have room along the tube.
  const groove = { inner: tube, gap, width: { ...gap, valueMm: gap.valueMm * CROWN_ROOM } }
  const choices = oRingsForGroove(rings, groove)
  const order = choices.length === 0 ? ringToOrder(groove) : null
  return {
    ...base,
    choices: choices.map(oRingLine),
    order: order && `${order.name}: ${sealSentence(order.seal)}`,
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
  const { id, code, drawer, quantity, outerDiameterMm, heightMm, material } = part
  const words = `${formatMm(outerDiameterMm, 0.1)} outside, ${formatMm(heightMm)} thick ${material}`
  return { kind: 'gasket', partId: id, code, drawer, quantity, words, reason, seal }
}

/** What to measure, in words. */
export function measureText(ids: readonly DimensionId[]): string {
  return ids.map((id) => DIMENSIONS[id].label.toLowerCase()).join(', ')
}
