import type { Figure } from '../fit/CrystalSeat'
import { combinedEstimate } from '../measure/combinedEstimate'
import type { DimensionId } from '../readings/dimensions'
import type { StockORing } from '../stock/otherParts'
import { formatMm } from '../units/formatMm'
import { oRingsForGroove, ringToOrder, sealSentence } from './backSeals'
import type { SealItem } from './SealItem'
import { oRingLine } from './sealLines'
import type { SealPolicy } from './sealPolicy'

/** Where a ring lies stretched on a post and is squeezed by the bore round it. */
const POSTS = {
  crown: {
    title: 'Crown seal',
    post: 'crown-tube',
    bore: 'crown-bore',
    room: 'crown-room',
    note: 'The commonest leak after the back: clean, look at it, grease thinly, renew.',
    noRoom: 'Tube and bore leave no room for a ring: measure both again.',
    assumed: 'along the tube, which is assumed: the crown’s inside was not read',
  },
  pusher: {
    title: 'Pushers’ seals',
    post: 'pusher-post',
    bore: 'pusher-bore',
    room: 'pusher-room',
    note: 'One for each pusher, all renewed together: each wears with every press.',
    noRoom: 'Post and bore leave no room for a ring: measure both again.',
    assumed: 'along the post, which is assumed: its groove was not read',
  },
} as const satisfies Readonly<Record<string, Post>>

interface Post {
  readonly title: string
  readonly post: DimensionId
  readonly bore: DimensionId
  readonly room: DimensionId
  readonly note: string
  readonly noRoom: string
  readonly assumed: string
}

/** Bore and post closer than this leave a ring no room, mm of gap. */
const LEAST_GAP_MM = 0.05

/** The ring of a crown on its tube, or of a pusher on its post. */
export function postSeal(
  id: keyof typeof POSTS,
  figure: (id: DimensionId) => Figure | null,
  rings: readonly StockORing[],
  seal: SealPolicy,
): SealItem {
  const place = POSTS[id]
  const [post, bore] = [figure(place.post), figure(place.bore)]
  const base = { id, title: place.title, notes: [place.note] }
  if (!post || !bore) {
    const measure = [...(post ? [] : [place.post]), ...(bore ? [] : [place.bore])]
    return { ...base, choices: [], order: null, measure }
  }
  const gap: Figure = {
    ...combinedEstimate([
      [1 / 2, bore],
      [-1 / 2, post],
    ]),
    origin: bore.origin,
  }
  if (gap.valueMm <= LEAST_GAP_MM) {
    const notes = [...base.notes, place.noRoom]
    return { ...base, choices: [], order: null, notes, measure: [place.post, place.bore] }
  }
  const room = figure(place.room)
  const width = room ?? { ...gap, valueMm: gap.valueMm * USUAL_ROOM }
  const groove = { inner: post, gap, width }
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
          `How much of its groove it fills is told for ${formatMm(width.valueMm)} of room ${place.assumed}.`,
        ],
    measure: [],
  }
}

/** Room along the post for a ring, times the gap. Assumed. */
const USUAL_ROOM = 2
