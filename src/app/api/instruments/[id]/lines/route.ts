import { passLine } from '@/services/instruments/instrumentBridge'
import { bodyWithin } from '../../../bodyWithin'
import { bridged, refusal } from '../../../bridged'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

const MOST_BODY_BYTES = 200

/**
 * One line of a real instrument as plain text. Answers 202 with the value in mm and how many pages heard it; 401, 404, 413,
 * 422 or 429 with what to do. See docs/instrument-bridge.md.
 */
export const POST = bridged('Line', async (request, id, db) => {
  if (!/^\d{1,9}$/.test(id)) return refusal('instrument', 'Instrument: a number from Settings.', 404)
  const body = await bodyWithin(request, MOST_BODY_BYTES)
  if (!body) return refusal('line', `Line: more than ${MOST_BODY_BYTES} bytes. Send one figure.`, 413)
  const outcome = await passLine(db, idOf(id), new TextDecoder().decode(body))
  if (outcome.ok) return Response.json(outcome, { status: 202 })
  return Response.json(outcome, { status: outcome.errors.instrument ? 404 : 422 })
})
