import type { Metadata } from 'next'
import { ImportPage } from '@/ui/drawers/ImportPage'

export const metadata: Metadata = { title: 'Import a list' }

export default function Page() {
  return <ImportPage />
}
