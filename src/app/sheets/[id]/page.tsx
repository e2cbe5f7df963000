import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { caseSheetPage } from '@/services/sheets/sheetPages'
import { getShop } from '@/services/shop/shop'
import { TroublePage } from '@/ui/shell/TroublePage'
import { SheetPage } from '@/ui/sheets/SheetPage'
import { call } from '../../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Case sheet' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const page = /^\d{1,9}$/.test(id) ? await caseSheetPage(await getShop(), Number(id)) : null
  if (!page) notFound()
  if (!page.ok) return <TroublePage title={page.name} trouble={page.trouble} />
  return <SheetPage page={page} save={call('saveRecord')} />
}
