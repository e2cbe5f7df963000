import type { Figure } from '../fit/CrystalSeat'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { DimensionId } from '../readings/dimensions'
import type { StockORing } from '../stock/otherParts'
import { formatMm } from '../units/formatMm'
import { oRingsForGroove, ringToOrder, sealSentence } from './backSeals'
import type { SealItem } from './SealItem'
import { oRingLine } from './sealLines'
import type { SealPolicy } from './sealPolicy'

/** A crown's ring lies stretched on the tube and is squeezed by the crown's bore. */
export function crownSeal(
  figure: (id: DimensionId) => Figure | null,
  rings: readonly StockORing[],
  seal: SealPolicy,
): SealItem {
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
