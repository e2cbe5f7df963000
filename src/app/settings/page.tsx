import type { Metadata } from 'next'
import { shopTools } from '@/services/listings'
import { getShop } from '@/services/shop'
import { SettingsPage } from '@/ui/lists/SettingsPage'
import { checkInstrumentAction, saveRecordAction } from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Settings' }

export default async function Page() {
  return (
    <SettingsPage
      tools={await shopTools(await getShop())}
      save={saveRecordAction}
      check={checkInstrumentAction}
    />
  )
}
