import { limitsFile, takeLimitsFile } from '@/services/shop/exchangeLimits'
import { getShop } from '@/services/shop/shop'
import { answered } from '../answered'
import { download, textBody } from '../bodyWithin'

export const dynamic = 'force-dynamic'

const MOST_BYTES = 200_000

/** The shop's limits and schools as JSON; their schema is at /limits.schema.json. */
export const GET = answered(null, async () => {
  return download(await limitsFile(await getShop()), 'application/json')
})

/** Takes limits and schools from JSON in place of the shop's own. */
export const POST = answered('takeLimits', async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  const result = await takeLimitsFile(await getShop(), body.text)
  return Response.json(result, { status: result.ok ? 200 : 422 })
})
