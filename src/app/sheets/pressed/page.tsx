import type { Metadata } from 'next'
import { pressedPage } from '@/services/sheets/pressedPage'
import { getShop } from '@/services/shop/shop'
import { PressedPage } from '@/ui/sheets/PressedPage'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'At the press' }

export default async function Page() {
  return <PressedPage page={await pressedPage(await getShop())} />
}
