import type { Metadata } from 'next'
import { backupKeeping } from '@/services/shop/backupKeeping'
import { backupsState } from '@/services/shop/backups'
import { bridgeState } from '@/services/instruments/instrumentBridge'
import { shopPaper } from '@/services/shop/shopPaper'
import { shopPolicy } from '@/services/shop/shopPolicy'
import { shopTools } from '@/services/shop/shopTools'
import { shopSchools } from '@/services/shop/shopSchools'
import { getShop } from '@/services/shop/shop'
import { SettingsPage } from '@/ui/settings/SettingsPage'
import { call } from '../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Settings' }

export default async function Page() {
  const shop = await getShop()
  return (
    <SettingsPage
      tools={await shopTools(shop)}
      policy={await shopPolicy(shop)}
      savePolicy={call('saveShopPolicy')}
      schools={await shopSchools(shop)}
      saveSchool={call('saveShopSchool')}
      paper={await shopPaper(shop)}
      savePaper={call('saveShopPaper')}
      saveClock={call('saveShopClock')}
      saveZone={call('saveShopZone')}
      bridge={await bridgeState(shop)}
      bridgeActions={{ make: call('makeBridgeToken'), withdraw: call('withdrawBridgeToken') }}
      backups={backupsState()}
      keeping={await backupKeeping(shop)}
      saveKeeping={call('saveBackupKeeping')}
      backUp={call('backUpNow')}
      save={call('saveRecord')}
      check={call('checkInstrument')}
    />
  )
}
