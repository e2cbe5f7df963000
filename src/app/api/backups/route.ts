import { answered } from '../answered'
import { backUpNow } from '@/services/shop/backups'
import { getShop } from '@/services/shop/shop'

export const dynamic = 'force-dynamic'

/** Makes a backup now: answers once it was shown to restore. For `npm run backup` while the shop is open. */
export const POST = answered(null, async () => {
  const made = await backUpNow(await getShop(), {}, new Date())
  return Response.json(made, { status: made.ok ? 201 : 422 })
})
