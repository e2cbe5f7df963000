import { answered } from '../../answered'
import { caseSheetJsonOf } from '@/services/sheets/exchangeSheets'
import { getShop } from '@/services/shop/shop'
import { download } from '../../bodyWithin'
import { idOf } from '../../idOf'

export const dynamic = 'force-dynamic'

/** A case sheet as JSON; its schema is at /case-sheet.schema.json. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    const file = await caseSheetJsonOf(await getShop(), idOf(id))
    return file
      ? download(file, 'application/json')
      : new Response('There is no such sheet.', { status: 404 })
  },
)
