import type { Metadata } from 'next'
import { CountPage } from '@/ui/drawers/CountPage'
import { call } from '../../call'

export const metadata: Metadata = { title: 'Count a drawer' }

export default function Page() {
  return <CountPage count={call('countPart')} />
}
