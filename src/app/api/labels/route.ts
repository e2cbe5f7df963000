import { answered } from '../answered'
import { labels } from '@/services/drawers/labels'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** Labels as PDF: of the trays in hand, of drawers, or of the parts a search finds: `of`, `kind` and `q`. */
export const GET = answered(null, async (request: Request) => {
  const given = new URL(request.url).searchParams
  const made = await labels(await getShop(), {
    of: given.get('of'),
    kind: given.get('kind') ?? 'crystal',
    q: given.get('q') ?? '',
  })
  if (!made.ok) return new Response(Object.values(made.errors).join(' '), { status: 422 })
  return new Response(new Uint8Array(made.pdf), {
    headers: { 'Content-Type': 'application/pdf', 'Content-Disposition': 'inline; filename="labels.pdf"' },
  })
})
