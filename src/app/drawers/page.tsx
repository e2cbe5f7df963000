import type { Metadata } from 'next'
import { PART_KINDS } from '@/core/parts/parts'
import { drawersSummary } from '@/services/drawers/drawersPage'
import { getShop } from '@/services/shop/shop'
import { DrawersPage } from '@/ui/drawers/DrawersPage'
import { call } from '../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Drawers' }

interface Props {
  searchParams: Promise<{ kind?: string | string[]; find?: string | string[] }>
}

export default async function Page({ searchParams }: Props) {
  const { kind, find } = await searchParams
  const db = await getShop()
  const tab = PART_KINDS.find((known) => known === kind) ?? 'crystal'
  const text = typeof find === 'string' ? find : ''
  return (
    <DrawersPage
      key={`${tab} ${text}`}
      summary={await drawersSummary(db)}
      initial={{ tab, find: text }}
      save={call('saveRecord')}
      receive={call('receivePart')}
    />
  )
}
