import { doneBy } from '@/services/doneBy'
import { troubleOfShop } from '@/services/shop/shop'
import { workerHere } from '../atBench'

/**
 * A route's handler that works in the name of whoever is at the bench, and tells what is wrong with the shop's data where
 * somebody can do something about it.
 * @param doing - what it changes the shop's records for; null where it changes none
 */
export function answered<Asked extends unknown[]>(
  doing: string | null,
  handle: (...asked: Asked) => Promise<Response>,
): (...asked: Asked) => Promise<Response> {
  return async (...asked) => {
    try {
      return await doneBy({ by: (await workerHere()).name, doing }, () => handle(...asked))
    } catch (error) {
      const trouble = troubleOfShop(error)
      if (trouble === null) throw error
      return Response.json({ ok: false, errors: { form: trouble } }, { status: 507 })
    }
  }
}
