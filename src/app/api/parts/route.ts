import { findParts } from '@/services/drawers/drawersPage'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** One page of what a search finds in the drawers: `kind`, `q`, `page`, `size`, `sort` as `field:asc`. */
export async function GET(request: Request) {
  const given = new URL(request.url).searchParams
  const number = (name: string) => (given.has(name) ? { [name]: Number(given.get(name)) } : {})
  const found = await findParts(await getShop(), {
    kind: given.get('kind'),
    q: given.get('q') ?? '',
    sort: given.get('sort') ?? '',
    ...number('page'),
    ...number('size'),
  })
  return Response.json(found, { status: found.ok ? 200 : 422 })
}
