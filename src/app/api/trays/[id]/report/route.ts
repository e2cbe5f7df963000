import { answered } from '../../../answered'
import { reportFile } from '@/services/tray/trayReportPage'
import { getShop } from '@/services/shop/shop'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/** What became of a tray, as PDF: by its number, the one written on the tray. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    const file = await reportFile(await getShop(), idOf(id), new Date())
    if (file === null) return new Response('There is no such tray.', { status: 404 })
    if (!file.ok) return new Response(file.trouble, { status: 422 })
    return new Response(new Uint8Array(file.pdf), {
      headers: {
        'Content-Type': 'application/pdf',
        'Content-Disposition': `inline; filename="${file.name}"`,
        'X-Content-Type-Options': 'nosniff',
      },
    })
  },
)
