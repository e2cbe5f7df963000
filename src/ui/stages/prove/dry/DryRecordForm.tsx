'use client'
import { useState } from 'react'
import { ORDERED_DRY } from '@/core/dry-test/simulatedOrders'
import { RecordForm } from '../../../forms/RecordForm'
import { answerOf } from '../../../tray/trayAnswer'
import type { StageWorkProps } from '../../StageWorkProps'
import { DryRecordSource, NO_DRY_RECORD } from './DryRecordSource'

interface DryRecordFormProps extends StageWorkProps {
  readonly kind: 'test' | 'blank'
  readonly onKept: () => void
}

/** Asks for a tester's record and what it does not say itself. */
export function DryRecordForm({ bench, actions, kind, onKept }: DryRecordFormProps) {
  const { view } = bench.state
  const { dryTest, simulatedCounts } = view
  const [chosen, setChosen] = useState(NO_DRY_RECORD)
  const [error, setError] = useState<string | null>(null)
  const [holdsSeveral, setHoldsSeveral] = useState(false)
  if (!dryTest) return null
  return (
    <RecordForm
      fields={dryTest.fields.filter(({ name }) => name !== 'which' || holdsSeveral)}
      initial={{ ...dryTest.initial, kind }}
      submitLabel="Keep the record"
      dense
      note={({ testerId, kind: of }) => (
        <DryRecordSource
          chosen={chosen}
          testerId={typeof testerId === 'string' && testerId !== '' ? testerId : null}
          isBlank={of === 'blank'}
          orders={simulatedCounts ? ORDERED_DRY : []}
          error={error}
          onRefused={setError}
          onChosen={(next) => {
            setError(null)
            setHoldsSeveral(false)
            setChosen(next)
          }}
        />
      )}
      onSubmit={async (fields) => {
        const { source, text, does } = chosen
        const answer = await answerOf(
          actions.keepDryRecord({ trayId: view.tray.id, fields, source, text, does }),
        )
        if (answer.ok) {
          onKept()
          bench.take(answer, bench.state.stage)
          return answer
        }
        const { file, ...others } = answer.errors
        setError(file ?? null)
        if (others['which'] !== undefined) setHoldsSeveral(true)
        return { ...answer, errors: others }
      }}
    />
  )
}
