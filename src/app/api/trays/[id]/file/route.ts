import { answered } from '../../../answered'
import { trayFileOf } from '@/services/tray/exchangeTrays'
import { getShop } from '@/services/shop/shop'
import { download } from '../../../bodyWithin'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/** A tray with all that is kept of it as JSON, by its number; its schema is at /tray.schema.json. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    const file = await trayFileOf(await getShop(), idOf(id))
    return file ? download(file, 'application/json') : new Response('There is no such tray.', { status: 404 })
  },
)
