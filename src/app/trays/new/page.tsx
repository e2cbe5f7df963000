import type { Metadata } from 'next'
import { newTrayChoices } from '@/services/tray/newTrayChoices'
import { getShop } from '@/services/shop/shop'
import { NewTrayPage } from '@/ui/intake/NewTrayPage'
import { call } from '../../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'New tray' }

export default async function Page() {
  const { sheets } = await newTrayChoices(await getShop())
  return <NewTrayPage sheets={sheets} openTray={call('openTray')} />
}
