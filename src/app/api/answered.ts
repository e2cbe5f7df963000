import { troubleOfShop } from '@/services/shop/shop'

/** A route's handler that tells what is wrong with the shop's data where somebody can do something about it. */
export function answered<Asked extends unknown[]>(
  handle: (...asked: Asked) => Promise<Response>,
): (...asked: Asked) => Promise<Response> {
  return async (...asked) => {
    try {
      return await handle(...asked)
    } catch (error) {
      const trouble = troubleOfShop(error)
      if (trouble === null) throw error
      return Response.json({ ok: false, errors: { form: trouble } }, { status: 507 })
    }
  }
}
