import { answered } from '../../../answered'
import { atBridgeDoor } from '@/services/instruments/bridgeDoor'
import { passLine } from '@/services/instruments/instrumentBridge'
import { getShop } from '@/services/shop/shop'
import { bodyWithin } from '../../../bodyWithin'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

const MOST_BODY_BYTES = 200

/**
 * One line of a real instrument as plain text, with `Authorization: Bearer TOKEN` from Settings. Answers 202 with the
 * value in mm and how many pages heard it; 401, 404, 413, 422 or 429 with what to do. See docs/instrument-bridge.md.
 */
export const POST = answered(
  null,
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const shop = await getShop()
    const token = /^Bearer (\S{1,200})$/.exec(request.headers.get('authorization') ?? '')?.[1]
    const door = await atBridgeDoor(shop, token, new Date())
    if (door === 'no-token') {
      return refusal(
        'token',
        'Token: missing or no longer valid. Make one in Settings and send it as Bearer.',
        401,
      )
    }
    if (door === 'too-many')
      return refusal(
        'line',
        'Line: more than any instrument sends, or too many wrong tokens. Wait a minute.',
        429,
      )
    const { id } = await params
    if (!/^\d{1,9}$/.test(id)) return refusal('instrument', 'Instrument: a number from Settings.', 404)
    const body = await bodyWithin(request, MOST_BODY_BYTES)
    if (!body) return refusal('line', `Line: more than ${MOST_BODY_BYTES} bytes. Send one figure.`, 413)
    const outcome = await passLine(shop, idOf(id), new TextDecoder().decode(body))
    if (outcome.ok) return Response.json(outcome, { status: 202 })
    return Response.json(outcome, { status: outcome.errors.instrument ? 404 : 422 })
  },
)

function refusal(field: string, message: string, status: number) {
  return Response.json({ ok: false, errors: { [field]: message } }, { status })
}
