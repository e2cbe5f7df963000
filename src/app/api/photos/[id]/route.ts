import { answered } from '../../answered'
import { photoFile } from '@/services/tray/photos'
import { getShop } from '@/services/shop/shop'
import { idOf } from '../../idOf'

export const dynamic = 'force-dynamic'

/** A tray's picture, as the JPEG it was stored as. */
export const GET = answered(
  null,
  async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    const bytes = await photoFile(await getShop(), idOf(id))
    if (!bytes) return new Response('There is no such picture.', { status: 404 })
    return new Response(new Uint8Array(bytes), {
      headers: {
        'Content-Type': 'image/jpeg',
        'X-Content-Type-Options': 'nosniff',
        'Content-Security-Policy': "default-src 'none'",
        'Cache-Control': 'private, max-age=31536000, immutable',
      },
    })
  },
)
