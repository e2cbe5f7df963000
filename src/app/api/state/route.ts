import { getShop, troubleOfShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** Whether the shop's data is open: 200, or 503 with what is wrong. Opens it where it is not. */
export async function GET(): Promise<Response> {
  try {
    await getShop()
    return Response.json({ ok: true })
  } catch (error) {
    const trouble =
      troubleOfShop(error) ?? 'The shop’s data could not be opened: the server’s window says why.'
    return Response.json({ ok: false, errors: { form: trouble } }, { status: 503 })
  }
}
