import { getShop } from '@/services/shop/shop'
import { envelopeOf } from '@/services/tray/pressTraces'
import { answered } from '../../../answered'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/** What good runs of the tray's case looked like on other trays: least and most force past contact. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const envelope = await envelopeOf(await getShop(), idOf((await params).id))
    return envelope
      ? Response.json(envelope)
      : Response.json({ ok: false, errors: { form: 'No such tray.' } }, { status: 404 })
  },
)
