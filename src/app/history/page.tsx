import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { historyPage } from '@/services/history/historyPage'
import { getShop } from '@/services/shop/shop'
import { HistoryPage } from '@/ui/history/HistoryPage'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'History' }

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

export default async function Page({ searchParams }: Props) {
  const page = await historyPage(await getShop(), await searchParams)
  if (!page) notFound()
  return <HistoryPage page={page} />
}
