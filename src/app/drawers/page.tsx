import type { Metadata } from 'next'
import { drawers } from '@/services/listings'
import { getShop } from '@/services/shop'
import { DrawersPage } from '@/ui/lists/DrawersPage'
import { saveRecordAction } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Drawers' }

export default async function Page() {
  return <DrawersPage drawers={await drawers(await getShop())} save={saveRecordAction} />
}
