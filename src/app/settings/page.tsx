import type { Metadata } from 'next'
import { bridgeState } from '@/services/instruments/instrumentBridge'
import { shopPolicy } from '@/services/shop/shopPolicy'
import { shopTools } from '@/services/listings'
import { shopSchools } from '@/services/shop/shopSchools'
import { getShop } from '@/services/shop/shop'
import { SettingsPage } from '@/ui/settings/SettingsPage'
import {
  checkInstrumentAction,
  makeBridgeTokenAction,
  saveShopPolicyAction,
  saveRecordAction,
  saveShopSchoolAction,
  withdrawBridgeTokenAction,
} from '../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Settings' }

export default async function Page() {
  const shop = await getShop()
  return (
    <SettingsPage
      tools={await shopTools(shop)}
      policy={await shopPolicy(shop)}
      savePolicy={saveShopPolicyAction}
      schools={await shopSchools(shop)}
      saveSchool={saveShopSchoolAction}
      bridge={await bridgeState(shop)}
      bridgeActions={{ make: makeBridgeTokenAction, withdraw: withdrawBridgeTokenAction }}
      save={saveRecordAction}
      check={checkInstrumentAction}
    />
  )
}
