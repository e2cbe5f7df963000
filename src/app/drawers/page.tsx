import type { Metadata } from 'next'
import type { PartKind } from '@/core/parts/parts'
import { PART_KINDS, PARTS } from '@/core/parts/parts'
import { drawersSummary } from '@/services/drawers/drawersPage'
import { getShop } from '@/services/shop/shop'
import { DrawersPage } from '@/ui/drawers/DrawersPage'
import { call } from '../call'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Drawers' }

interface Props {
  searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>
}

export default async function Page({ searchParams }: Props) {
  const { kind, find, new: begin, ...asked } = await searchParams
  const db = await getShop()
  const tab = PART_KINDS.find((known) => known === kind) ?? 'crystal'
  const text = typeof find === 'string' ? find : ''
  return (
    <DrawersPage
      key={`${tab} ${text}`}
      summary={await drawersSummary(db)}
      initial={{ tab, find: text, newLine: begin === undefined ? null : begun(tab, asked) }}
      save={call('saveRecord')}
      receive={call('receivePart')}
    />
  )
}

/** A line begun elsewhere: what the address says of the kind's own fields. */
function begun(kind: PartKind, asked: Readonly<Record<string, string | string[] | undefined>>) {
  const names = PARTS[kind].fields.map(({ name }) => name)
  return Object.fromEntries(
    names.flatMap((name) => {
      const value = asked[name]
      return typeof value === 'string' ? [[name, value]] : []
    }),
  )
}
