import { takeTrayFile } from '@/services/tray/exchangeTrays'
import { answered } from '../answered'
import { textBody } from '../bodyWithin'
import { listPageIn } from '@/services/listPage'
import { getShop } from '@/services/shop/shop'
import { findTrays } from '@/services/tray/trayPages'

export const dynamic = 'force-dynamic'

/** A tray with as many pictures as one may have. */
const MOST_BYTES = 40_000_000

/** One page of the trays a search finds: `q`, `page`, `size`, `sort` as `field:asc`. */
export const GET = answered(null, async (request: Request) => {
  const found = await findTrays(await getShop(), listPageIn(new URL(request.url).searchParams))
  return Response.json(found, { status: found.ok ? 200 : 422 })
})

/** Takes a tray from JSON, see /tray.schema.json. */
export const POST = answered('takeTray', async (request: Request) => {
  const body = await textBody(request, 'application/json', MOST_BYTES)
  if (!body.ok) return body.response
  const result = await takeTrayFile(await getShop(), body.text)
  return Response.json(result, { status: result.ok ? 201 : 422 })
})
