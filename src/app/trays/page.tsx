import type { Metadata } from 'next'
import { trayLines } from '@/services/tray/trayPages'
import { getShop } from '@/services/shop/shop'
import { TraysPage } from '@/ui/trays/TraysPage'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Trays' }

export default async function Page({ searchParams }: { searchParams: Promise<{ find?: string }> }) {
  const [{ find }, trays] = await Promise.all([searchParams, getShop().then(trayLines)])
  return <TraysPage key={find ?? 'all'} trays={trays} find={typeof find === 'string' ? find : null} />
}
