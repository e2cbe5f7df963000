import { answered } from '../answered'
import { takeCaseSheetJson } from '@/services/sheets/exchangeSheets'
import { getShop } from '@/services/shop/shop'
import { textBody } from '../bodyWithin'

export const dynamic = 'force-dynamic'

const MOST_BYTES = 100_000

/** Takes a case sheet from JSON. */
export const POST = answered('takeCaseSheet', async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  const result = await takeCaseSheetJson(await getShop(), body.text, new Date())
  return Response.json(result, { status: result.ok ? 201 : 422 })
})
