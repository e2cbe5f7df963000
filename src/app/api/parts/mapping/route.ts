import { answered } from '../../answered'
import { mappingFor } from '@/services/drawers/importParts'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** How a supplier's list was read last: `supplier` and `kind`. */
export const GET = answered(null, async (request: Request) => {
  const given = new URL(request.url).searchParams
  return Response.json(
    await mappingFor(await getShop(), { supplier: given.get('supplier'), kind: given.get('kind') }),
  )
})
