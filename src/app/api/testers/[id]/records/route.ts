import { MOST_DRY_CSV } from '@/core/dry-test/DryTrace'
import { passRecord } from '@/services/instruments/testerFeeds'
import { textBody } from '../../../bodyWithin'
import { bridged } from '../../../bridged'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/**
 * A dry tester's record, whole, as `text/csv`. Answers 202 with how many pages heard it; 400, 401, 404, 413, 415 or 429
 * with what to do. See docs/instrument-bridge.md.
 */
export const POST = bridged('Record', async (request, id, db) => {
  const body = await textBody(request, 'text/csv', MOST_DRY_CSV)
  if (!body.ok) return body.response
  const outcome = await passRecord(db, idOf(id), body.text)
  if (outcome.ok) return Response.json(outcome, { status: 202 })
  return Response.json(outcome, { status: outcome.errors['tester'] ? 404 : 400 })
})
