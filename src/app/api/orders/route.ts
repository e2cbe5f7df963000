import { answered } from '../answered'
import { orderCsv } from '@/services/drawers/orders'
import { download, textBody } from '../bodyWithin'

export const dynamic = 'force-dynamic'

const MOST_BYTES = 2_000_000

/** The order list as it was set, `{ lines }` as JSON, back as CSV. */
export const POST = answered(null, async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  let input: unknown
  try {
    input = JSON.parse(body.text)
  } catch {
    return Response.json({ ok: false, errors: { form: 'Order: not sent as it should be.' } }, { status: 400 })
  }
  const made = orderCsv(input)
  return made.ok
    ? download({ name: 'order.csv', text: made.text }, 'text/csv')
    : Response.json(made, { status: 422 })
})
