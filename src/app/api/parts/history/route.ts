import { answered } from '../../answered'
import { partHistoryOf } from '@/services/drawers/drawersPage'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** A part and what happened to its count: `kind` and `id`. */
export const GET = answered(null, async (request: Request) => {
  const given = new URL(request.url).searchParams
  const found = await partHistoryOf(await getShop(), { kind: given.get('kind'), id: Number(given.get('id')) })
  return found ? Response.json(found) : new Response('There is no such part.', { status: 404 })
})
