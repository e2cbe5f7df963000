import { findTrays } from '@/services/tray/trayPages'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** One page of the trays a search finds: `q`, `page`, `size`, `sort` as `field:asc`. */
export async function GET(request: Request) {
  const given = new URL(request.url).searchParams
  const number = (name: string) => (given.has(name) ? { [name]: Number(given.get(name)) } : {})
  const found = await findTrays(await getShop(), {
    q: given.get('q') ?? '',
    sort: given.get('sort') ?? '',
    ...number('page'),
    ...number('size'),
  })
  return Response.json(found, { status: found.ok ? 200 : 422 })
}
