'use client'
import Box from '@mui/material/Box'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import { PLANNED_QUARTER_TURNS } from '@/core/press/PressStep'
import type { PressOutcome } from '@/core/press/pressPlan'
import type { PressVerdict } from '@/core/press-run/PressReading'
import type { PressedTrace } from './live/PressLive'
import type { Die } from '@/core/dies/Die'
import { formatMm } from '@/core/units/formatMm'
import type { PressCard } from '@/services/tray/pressCard'
import type { TrayView } from '@/services/tray/trayView'
import { RecordForm } from '../../forms/RecordForm'
import type { TrayCalls } from '@/services/actions'
import type { Changed } from '@/services/tray/trayChange'

export interface PressLogFormProps {
  readonly view: TrayView
  readonly card: PressCard
  readonly pressId: number | null
  readonly cushion: string
  /** what the press's cell sent of the run to be logged; null without one */
  readonly trace: PressedTrace | null
  readonly logPressRun: TrayCalls['logPressRun']
  readonly onLogged: (result: Changed) => void
}

/** Fields that only a press with a load cell fills, what a hand tells where there is none, and those that only a press fills. */
const OF_GAUGES = ['peakForceN', 'travelMm']
const OF_HANDS = ['feel']
const OF_PRESSES = ['leftHour', 'feel', 'quarterTurns', 'cushion']

/** What a run read so is logged as, until somebody says otherwise: the rim tells whether one that leaned stands level. */
const OUTCOME_OF: Readonly<Record<PressVerdict, PressOutcome>> = {
  good: 'home',
  'over-pressed': 'home',
  cocked: 'high-on-one-side',
  'not-home': 'not-home',
  loose: 'loose',
  cracked: 'cracked',
}

/** Logs what was really done at the press; starts from the plan. */
export function PressLogForm({
  view,
  card,
  pressId,
  cushion,
  trace,
  logPressRun,
  onLogged,
}: PressLogFormProps) {
  // A second push takes the dies of the first.
  const before = card.runs.at(-1)
  const [pusherId, setPusherId] = useState(before?.pusherId ?? bestOf(card.pusher))
  const [supportId, setSupportId] = useState(before?.supportId ?? bestOf(card.support))
  const lay = view.rim?.lay ?? (pressId === null ? null : card.lays[pressId])
  const gauged = card.presses.find((p) => p.id === pressId)?.gauged ?? false
  const byHand = card.pusher === null && card.support === null
  const left: readonly string[] = byHand
    ? [...OF_GAUGES, ...OF_PRESSES]
    : gauged
      ? [...OF_HANDS, ...(trace ? OF_GAUGES : [])]
      : OF_GAUGES
  const fields = PRESS_RUN_FIELDS.filter(({ name }) => !left.includes(name))
  return (
    <Box>
      {!byHand && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1 }}>
          <DieChoice
            label="Pusher used"
            dies={card.dies.filter((d) => d.role === 'pusher')}
            value={pusherId}
            onChange={setPusherId}
          />
          <DieChoice
            label="Support used"
            dies={card.dies.filter((d) => d.role === 'support')}
            value={supportId}
            onChange={setSupportId}
          />
        </Box>
      )}
      <RecordForm
        fields={fields}
        initial={{
          outcome: trace?.verdict ? OUTCOME_OF[trace.verdict] : 'home',
          cause: trace?.verdict === 'loose' ? 'size' : null,
          // Between pushes that are read, the case is not turned unseen.
          quarterTurns: byHand || view.rim ? 0 : (view.lastTime?.quarterTurns ?? PLANNED_QUARTER_TURNS),
          cushion,
          leftHour: byHand || pressId === null ? null : (lay?.leftHour ?? null),
        }}
        submitLabel={byHand ? 'Log the fitting' : 'Log the run'}
        dense
        onSubmit={async (values) => {
          const tools = {
            trayId: view.tray.id,
            ...(pressId !== null && { pressId }),
            ...(pusherId !== null && { pusherId }),
            ...(supportId !== null && { supportId }),
            ...(trace && gauged && { trace: { source: trace.source, points: trace.points } }),
          }
          // What only a press has is not asked by hand, and is none.
          const fields = byHand ? { ...values, quarterTurns: '0' } : values
          const result = await logPressRun({ ...tools, fields })
          if (result.ok) onLogged(result)
          return result
        }}
      />
    </Box>
  )
}

function bestOf(outcome: PressCard['pusher']): number | null {
  return outcome?.ok ? outcome.best.die.id : null
}

interface DieChoiceProps {
  readonly label: string
  readonly dies: readonly Die[]
  readonly value: number | null
  readonly onChange: (id: number) => void
}

function DieChoice({ label, dies, value, onChange }: DieChoiceProps) {
  return (
    <TextField
      select
      fullWidth
      label={label}
      value={value ?? ''}
      onChange={(event) => onChange(Number(event.target.value))}
    >
      {dies.map((die) => (
        <MenuItem key={die.id} value={die.id}>
          {die.code},{' '}
          {die.role === 'pusher'
            ? formatMm(die.outerDiameterMm, 0.1)
            : `opening ${formatMm(die.openingMm, 0.1)}`}{' '}
          {die.material}
        </MenuItem>
      ))}
    </TextField>
  )
}
