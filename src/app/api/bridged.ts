import { atBridgeDoor } from '@/services/instruments/bridgeDoor'
import { getShop } from '@/services/shop/shop'
import { answered } from './answered'

type Shop = Awaited<ReturnType<typeof getShop>>
type Params = Promise<{ id: string }>

/**
 * A route that a real instrument's program posts to, with `Authorization: Bearer TOKEN` from Settings: 401 without it, 429
 * where more comes than an instrument sends. What it then answers is its own.
 * @param what - what is sent, as a refusal names it: “Line”
 */
export function bridged(what: string, handle: (request: Request, id: string, db: Shop) => Promise<Response>) {
  return answered(null, async (request: Request, { params }: { params: Params }) => {
    const db = await getShop()
    const token = /^Bearer (\S{1,200})$/.exec(request.headers.get('authorization') ?? '')?.[1]
    switch (await atBridgeDoor(db, token, new Date())) {
      case 'no-token':
        return refusal(
          'token',
          'Token: missing or no longer valid. Make one in Settings and send it as Bearer.',
          401,
        )
      case 'too-many':
        return refusal(
          what.toLowerCase(),
          `${what}: more at once than an instrument sends, or too many wrong tokens. Wait a minute.`,
          429,
        )
      case 'in':
        return handle(request, (await params).id, db)
    }
  })
}

export function refusal(field: string, message: string, status: number): Response {
  return Response.json({ ok: false, errors: { [field]: message } }, { status })
}
