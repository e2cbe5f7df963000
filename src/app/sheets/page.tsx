import type { Metadata } from 'next'
import { caseSheetLines } from '@/services/sheets/sheetPages'
import { getShop } from '@/services/shop/shop'
import { SheetsPage } from '@/ui/sheets/SheetsPage'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Case sheets' }

export default async function Page() {
  return <SheetsPage lines={await caseSheetLines(await getShop())} />
}
