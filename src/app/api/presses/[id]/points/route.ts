import { passPoints } from '@/services/instruments/pressFeeds'
import { textBody } from '../../../bodyWithin'
import { bridged } from '../../../bridged'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

const MOST_BODY_BYTES = 40_000

/**
 * Readings of a press's cell as JSON, `{"points": [[ms, mm, N], …]}`. Answers 202 with how many pages heard it; 400, 401,
 * 404, 413, 415 or 429 with what to do. See docs/instrument-bridge.md.
 */
export const POST = bridged('Points', async (request, id, db) => {
  const body = await textBody(request, 'application/json', MOST_BODY_BYTES)
  if (!body.ok) return body.response
  const outcome = await passPoints(db, idOf(id), parsed(body.text))
  if (outcome.ok) return Response.json(outcome, { status: 202 })
  return Response.json(outcome, { status: outcome.errors['press'] ? 404 : 400 })
})

/** What was sent; nothing where it is no JSON, which the check then says. */
function parsed(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return {}
  }
}
