import type { Metadata } from 'next'
import { getShop } from '@/services/shop/shop'
import { shopPolicy } from '@/services/shop/shopPolicy'
import { SheetFormPage } from '@/ui/sheets/SheetFormPage'
import { call } from '../../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'New case sheet' }

export default async function Page() {
  return <SheetFormPage save={call('saveRecord')} policy={await shopPolicy(await getShop())} />
}
