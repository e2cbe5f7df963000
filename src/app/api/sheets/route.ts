import { answered } from '../answered'
import { caseSheetsJson, takeCaseSheetJson } from '@/services/sheets/exchangeSheets'
import { getShop } from '@/services/shop/shop'
import { download, textBody } from '../bodyWithin'

export const dynamic = 'force-dynamic'

/** Some thousand sheets. */
const MOST_BYTES = 30_000_000

/** Every case sheet as one JSON document. */
export const GET = answered(null, async () => {
  return download(await caseSheetsJson(await getShop()), 'application/json')
})

/** Takes a case sheet from JSON, or a list of them. */
export const POST = answered('takeCaseSheet', async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  const result = await takeCaseSheetJson(await getShop(), body.text, new Date())
  return Response.json(result, { status: result.ok ? 201 : 422 })
})
