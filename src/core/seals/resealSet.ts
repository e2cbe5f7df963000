import type { Figure } from '../fit/CrystalSeat'
import type { StockGasket } from '../fit/parts'
import type { StockORing } from '../stock/otherParts'
import type { CaseSheet } from '../tray/CaseSheet'
import { figureOf } from '../tray/caseFigures'
import type { MeasuredFigures } from '../tray/measuredFigures'
import { formatMm } from '../units/formatMm'
import type { DimensionId } from '../readings/dimensions'
import { DIMENSIONS } from '../readings/dimensions'
import type { GrooveFigures } from './assessSeal'
import { postSeal } from './postSeal'
import type { SealItem } from './SealItem'
import { gasketLine, oRingLine } from './sealLines'
import { oRingsForGroove, oRingsLikeOld, ringToOrder, sealSentence } from './backSeals'
import { flatGasketsForGroove, flatGasketsLikeOld } from './flatGaskets'
import type { FlatSealPolicy } from './flatSealPolicy'
import { flatSealSentence, flatToOrder } from './flatSeal'
import { oldRingView } from './oldRing'
import type { SealPolicy } from './sealPolicy'

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
  if (sheet.backSeal === 'o-ring') items.push(ringOfBack('back', measured, figure, stock.oRings, policy))
  if (sheet.backSeal === 'flat-gasket') items.push(backFlat(figure, stock.gaskets, policy))
  if (sheet.backSeal === 'plastic-ring') items.push(PLASTIC)
  if (sheet.twoPartBack) items.push(ringOfBack('disc', measured, figure, stock.oRings, policy))
  if (sheet.crownKind !== 'none') items.push(postSeal('crown', figure, stock.oRings, policy.seal))
  if (sheet.pusherHours !== '') items.push(postSeal('pusher', figure, stock.oRings, policy.seal))
  return items
}

type Known = (id: DimensionId) => Figure | null

/** Whose ring it is, and where it is read. */
const BACK_RINGS = {
  back: {
    title: 'Back O-ring',
    ring: ['back-ring-inner', 'back-ring-section'],
    groove: ['back-groove-inner', 'back-groove-width', 'back-groove-depth'],
  },
  disc: {
    title: 'Inner O-ring of the two-part back',
    ring: ['disc-ring-inner', 'disc-ring-section'],
    groove: ['disc-groove-inner', 'disc-groove-width', 'disc-groove-depth'],
  },
} as const satisfies Readonly<Record<string, BackRing>>

interface BackRing {
  readonly title: string
  /** inside, then section */
  readonly ring: readonly [DimensionId, DimensionId]
  /** inner wall, width, depth */
  readonly groove: readonly [DimensionId, DimensionId, DimensionId]
}

function ringOfBack(
  id: keyof typeof BACK_RINGS,
  measured: MeasuredFigures,
  figure: Known,
  rings: readonly StockORing[],
  { seal }: SealPolicies,
): SealItem {
  const place = BACK_RINGS[id]
  const [inner, section] = place.ring
  const [wall, , depth] = place.groove
  const groove = grooveOf(figure, place)
  const old = oldRingView(
    {
      innerMm: figure(inner)?.valueMm ?? null,
      sectionMm: figure(section)?.valueMm ?? null,
      sectionSpreadMm: measured[section]?.spread.spreadMm ?? 0,
      grooveInnerMm: figure(wall)?.valueMm ?? null,
      gapMm: figure(depth)?.valueMm ?? null,
    },
    seal.oldRing,
  )
  const base = { id, title: place.title, notes: old.sentences }
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
  return { ...base, choices: likely.map(oRingLine), order: null, measure: unknownOf(figure, place) }
}

function backFlat(figure: Known, gaskets: readonly StockGasket[], { seal, flat }: SealPolicies): SealItem {
  const inner = figure('back-ring-inner')
  const thickness = figure('back-ring-section')
  const groove = grooveOf(figure, BACK_RINGS.back)
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
    measure: unknownOf(figure, BACK_RINGS.back),
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
function grooveOf(figure: Known, place: BackRing): GrooveFigures | null {
  const [inner, width, gap] = place.groove.map(figure)
  return inner && width && gap ? { inner, width, gap } : null
}

/** Where the ring lies that a back closes on; null while one of its figures is not known. */
export function grooveOfBack(figure: Known): GrooveFigures | null {
  return grooveOf(figure, BACK_RINGS.back)
}

/** What of the old seal and its place nobody knows yet. */
function unknownOf(figure: Known, { ring, groove }: BackRing): DimensionId[] {
  return [...ring, ...groove].filter((id) => !figure(id))
}

const PLASTIC: SealItem = {
  id: 'back',
  title: 'Plastic snap ring under the back',
  choices: [],
  order: 'the maker’s own plastic ring for this case: they are moulded to it',
  notes: ['A plastic ring that came off whole and springy may go back; one that is white at a bend may not.'],
  measure: [],
}

/** What to measure, in words. */
export function measureText(ids: readonly DimensionId[]): string {
  return ids.map((id) => DIMENSIONS[id].label.toLowerCase()).join(', ')
}
