import type { Metadata } from 'next'
import { CountPage } from '@/ui/drawers/CountPage'
import { countPartAction } from '../../actions'

export const metadata: Metadata = { title: 'Count a drawer' }

export default function Page() {
  return <CountPage count={countPartAction} />
}
