import { answered } from '../../../answered'
import { MOST_PHOTO_BYTES, tooLargeText } from '@/core/intake/photoLimits'
import { addPhoto } from '@/services/tray/photos'
import { isKey, underKey } from '@/services/sentOnce'
import { getShop } from '@/services/shop/shop'
import { bodyWithin } from '../../../bodyWithin'
import { idOf } from '../../../idOf'

export const dynamic = 'force-dynamic'

/**
 * Takes one picture as the request's body. Only `image/…` is read, which a foreign page cannot send without asking,
 * and no more of it than a picture may have. Under the same key it is kept once.
 */
export const POST = answered(
  'addPhoto',
  async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
    const { id } = await params
    if (!/^\d{1,9}$/.test(id)) return refusal('Tray: this address names none.', 404)
    const type = request.headers.get('content-type') ?? ''
    if (!type.startsWith('image/')) {
      return refusal(
        'Picture: this file does not say it is one. Choose a JPEG, PNG, WebP, AVIF, TIFF or GIF.',
        415,
      )
    }
    const stated = Number(request.headers.get('content-length') ?? 0)
    if (stated > MOST_PHOTO_BYTES) return refusal(tooLargeText(stated), 413)
    const bytes = await bodyWithin(request, MOST_PHOTO_BYTES)
    if (!bytes) return refusal(tooLargeText(MOST_PHOTO_BYTES + 1), 413)
    const caption = decoded(request.headers.get('x-caption') ?? '')
    const shop = await getShop()
    const add = () => addPhoto(shop, idOf(id), { bytes, caption }, new Date())
    const key = request.headers.get('x-key')
    const result = await (isKey(key) ? underKey(key, add) : add())
    return Response.json(result, { status: result.ok ? 201 : 422 })
  },
)

function refusal(message: string, status: number) {
  return Response.json({ ok: false, errors: { photo: message } }, { status })
}

/** A header holds no umlauts: captions come percent-encoded. */
function decoded(text: string): string {
  try {
    return decodeURIComponent(text)
  } catch {
    return text
  }
}
