import type { Metadata } from 'next'
import { newTrayChoices } from '@/services/listings'
import { getShop } from '@/services/shop/shop'
import { NewTrayPage } from '@/ui/intake/NewTrayPage'
import { openTrayAction } from '../../actions'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'New tray' }

export default async function Page() {
  const { sheets } = await newTrayChoices(await getShop())
  return <NewTrayPage sheets={sheets} openTray={openTrayAction} />
}
