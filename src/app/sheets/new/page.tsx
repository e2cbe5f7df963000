import type { Metadata } from 'next'
import { SheetFormPage } from '@/ui/sheets/SheetFormPage'
import { saveRecordAction } from '../../actions'

export const metadata: Metadata = { title: 'New case sheet' }

export default function Page() {
  return <SheetFormPage save={saveRecordAction} />
}
