import type { Metadata } from 'next'
import { traysPage } from '@/services/tray/trayPages'
import { getShop } from '@/services/shop/shop'
import { TraysPage } from '@/ui/trays/TraysPage'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Trays' }

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ find?: string | string[] }>
}) {
  const { find: given } = await searchParams
  const find = typeof given === 'string' ? given : null
  const { counts, first } = await traysPage(await getShop(), find ?? '')
  return <TraysPage key={find ?? 'all'} counts={counts} first={first} find={find} />
}
