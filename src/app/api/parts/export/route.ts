import { answered } from '../../answered'
import { exportParts } from '@/services/drawers/exportParts'
import { getShop } from '@/services/shop/shop'
import { download } from '../../bodyWithin'

export const dynamic = 'force-dynamic'

/** What a search finds, as CSV that an import reads back: `kind` and `q`. */
export const GET = answered(null, async (request: Request) => {
  const given = new URL(request.url).searchParams
  const file = await exportParts(await getShop(), { kind: given.get('kind'), q: given.get('q') ?? '' })
  return file.ok
    ? download(file, 'text/csv')
    : new Response(Object.values(file.errors).join(' '), { status: 422 })
})
