import { atBridgeDoor } from '@/services/instruments/bridgeDoor'
import { passPoints } from '@/services/instruments/pressFeeds'
import { getShop } from '@/services/shop/shop'
import { answered } from '../../../answered'
import { textBody } from '../../../bodyWithin'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

const MOST_BODY_BYTES = 40_000

/**
 * Readings of a press's cell as JSON, `{"points": [[ms, mm, N], …]}`, with `Authorization: Bearer TOKEN` from Settings.
 * Answers 202 with how many pages heard it; 400, 401, 404, 413, 415 or 429 with what to do. See docs/instrument-bridge.md.
 */
export const POST = answered(
  null,
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const shop = await getShop()
    const token = /^Bearer (\S{1,200})$/.exec(request.headers.get('authorization') ?? '')?.[1]
    const door = await atBridgeDoor(shop, token, new Date())
    if (door !== 'in') {
      const wrong =
        door === 'no-token'
          ? 'Token: missing or no longer valid. Make one in Settings and send it as Bearer.'
          : 'Points: more than any cell sends, or too many wrong tokens. Send more of them at once, or wait a minute.'
      return Response.json(
        { ok: false, errors: { token: wrong } },
        { status: door === 'no-token' ? 401 : 429 },
      )
    }
    const body = await textBody(request, 'application/json', MOST_BODY_BYTES)
    if (!body.ok) return body.response
    const outcome = await passPoints(shop, idOf((await params).id), parsed(body.text))
    if (outcome.ok) return Response.json(outcome, { status: 202 })
    return Response.json(outcome, { status: outcome.errors['press'] ? 404 : 400 })
  },
)

/** What was sent; nothing where it is no JSON, which the check then says. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return {}
  }
}
