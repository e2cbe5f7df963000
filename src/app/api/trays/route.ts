import { listPageIn } from '@/services/listPage'
import { getShop } from '@/services/shop/shop'
import { findTrays } from '@/services/tray/trayPages'

export const dynamic = 'force-dynamic'

/** One page of the trays a search finds: `q`, `page`, `size`, `sort` as `field:asc`. */
export async function GET(request: Request) {
  const found = await findTrays(await getShop(), listPageIn(new URL(request.url).searchParams))
  return Response.json(found, { status: found.ok ? 200 : 422 })
}
