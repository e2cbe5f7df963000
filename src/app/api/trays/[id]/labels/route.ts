import { answered } from '../../../answered'
import { trayLabels } from '@/services/tray/trayLabels'
import { getShop } from '@/services/shop/shop'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/** Labels of one tray for the bag and for inside the back, as PDF: by its number. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    const file = await trayLabels(await getShop(), idOf(id), new Date())
    if (file === null) return new Response('There is no such tray.', { status: 404 })
    if (!file.ok) return new Response(file.trouble, { status: 422 })
    return new Response(new Uint8Array(file.pdf), {
      headers: {
        'Content-Type': 'application/pdf',
        'Content-Disposition': 'inline; filename="labels.pdf"',
        'X-Content-Type-Options': 'nosniff',
      },
    })
  },
)
