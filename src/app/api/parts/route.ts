import { answered } from '../answered'
import { findParts } from '@/services/drawers/drawersPage'
import { listPageIn } from '@/services/listPage'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** One page of what a search finds in the drawers: `kind`, `q`, `page`, `size`, `sort` as `field:asc`. */
export const GET = answered(null, async (request: Request) => {
  const given = new URL(request.url).searchParams
  const found = await findParts(await getShop(), { kind: given.get('kind'), ...listPageIn(given) })
  return Response.json(found, { status: found.ok ? 200 : 422 })
})
