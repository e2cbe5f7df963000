import type { Metadata } from 'next'
import { reorderList } from '@/services/drawers/orders'
import { getShop } from '@/services/shop/shop'
import { OrderPage } from '@/ui/drawers/OrderPage'
import { call } from '../../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Order' }

export default async function Page() {
  return <OrderPage low={await reorderList(await getShop())} assortment={call('assortment')} />
}
