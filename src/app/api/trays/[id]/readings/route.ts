import { answered } from '../../../answered'
import { readingsCsvOf, takeReadingsCsv } from '@/services/tray/exchangeReadings'
import { getShop } from '@/services/shop/shop'
import { download, textBody } from '../../../bodyWithin'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

const MOST_BYTES = 1_000_000

interface Params {
  params: Promise<{ id: string }>
}

/** A tray's readings as CSV. */
export const GET = answered(null, async (_request: Request, { params }: Params) => {
  const { id } = await params
  const file = await readingsCsvOf(await getShop(), idOf(id))
  return file ? download(file, 'text/csv') : new Response('There is no such tray.', { status: 404 })
})

/** Takes readings from CSV onto a tray, all or none. */
export const POST = answered('takeReadings', async (request: Request, { params }: Params) => {
  const { id } = await params
  const body = await textBody(request, 'text/csv', MOST_BYTES)
  if (!body.ok) return body.response
  if (!/^\d{1,9}$/.test(id)) return new Response('There is no such tray.', { status: 404 })
  const result = await takeReadingsCsv(await getShop(), idOf(id), body.text, new Date())
  return Response.json(result, { status: result.ok ? 200 : 422 })
})
