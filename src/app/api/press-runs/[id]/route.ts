import { getShop } from '@/services/shop/shop'
import { traceFile, traceView } from '@/services/tray/pressTraces'
import { answered } from '../../answered'
import { download } from '../../bodyWithin'
import { idOf } from '../../idOf'

export const dynamic = 'force-dynamic'

/** Force over travel of one run at the press, with what it says; as a file with `?format=csv`. */
export const GET = answered(
  null,
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const [shop, id] = [await getShop(), idOf((await params).id)]
    if (new URL(request.url).searchParams.get('format') === 'csv') {
      const file = await traceFile(shop, id)
      return file ? download(file, 'text/csv') : gone()
    }
    const view = await traceView(shop, id)
    return view ? Response.json(view) : gone()
  },
)

function gone(): Response {
  return Response.json({ ok: false, errors: { form: 'No readings of that run are kept.' } }, { status: 404 })
}
