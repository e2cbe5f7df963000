'use client'
import { useRouter } from 'next/navigation'
import { CASE_KINDS } from '@/core/construction/caseKinds'
import { caseSheetDraft } from '@/core/records/caseSheetDraft'
import { CASE_SHEET_FIELDS } from '@/core/records/caseSheetFields'
import { CASE_SHEET_GROUPS } from '@/core/records/caseSheetGroups'
import { SheetSection } from '../section/SheetSection'
import { RecordForm } from '../forms/RecordForm'
import { useSentOnce } from '../forms/useSentOnce'
import { PageFrame } from '../shell/PageFrame'
import type { ShopPolicy } from '@/core/policy/ShopPolicy'
import type { Calls } from '@/services/actions'

const { label, classBar, diver, use, ...USUAL } = CASE_KINDS.everyday

export interface SheetFormPageProps {
  readonly save: Calls['saveRecord']
  /** limits its section is drawn by */
  readonly policy: ShopPolicy
}

/** A new case sheet: maker and reference are enough, the rest is filled in as it is measured. */
export function SheetFormPage({ save, policy }: SheetFormPageProps) {
  const router = useRouter()
  const store = useSentOnce(save)
  return (
    <PageFrame
      title="New case sheet"
      subtitle="maker and reference are enough to begin; leave what nobody has measured"
    >
      <RecordForm
        fields={CASE_SHEET_FIELDS}
        groups={CASE_SHEET_GROUPS}
        beside={(typed) => <SheetSection sheet={caseSheetDraft(typed)} policy={policy} />}
        initial={{
          ...USUAL,
          gasketSection: 'I',
          gasketMaterial: 'nylon',
        }}
        submitLabel="Store the sheet"
        onSubmit={async (values) => {
          const result = await store({ kind: 'case-sheet', id: null, fields: values })
          if (result.ok) router.push('/sheets')
          return result
        }}
      />
    </PageFrame>
  )
}
