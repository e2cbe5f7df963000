'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { usePageKeys } from '../../keys/usePageKeys'
import type { Die } from '@/core/dies/Die'
import type { PressSettings } from '@/core/press/asLastTime'
import { otherwiseThanLast } from '@/core/press/asLastTime'
import type { FieldValue } from '@/core/records/checkRecord'
import type { Field } from '@/core/records/Field'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import type { FormValues } from '../../forms/FormValues'
import { RecordForm } from '../../forms/RecordForm'
import type { RecordAnswer } from '../../forms/useRecordForm'
import { isAtRest } from '../../keys/isAtRest'
import { KeyCap } from '../../small/KeyCap'

/** How this case was pressed last time. */
export interface LastSettings extends PressSettings {
  readonly trayNumber: number
}

export interface PressLogFormProps {
  readonly fields: readonly Field[]
  readonly initial: Readonly<Record<string, FieldValue | undefined>>
  readonly submitLabel: string
  readonly presses: TrayView['presses']
  readonly pressId: number | null
  readonly onPress: (id: number) => void
  /** to choose from; null where it goes by hand */
  readonly dies: readonly Die[] | null
  /** as planned, or as the push before */
  readonly pusherId: number | null
  readonly supportId: number | null
  /** null where this case was never pressed so */
  readonly last: LastSettings | null
  readonly onSubmit: (tools: ToolsUsed, fields: FormValues) => Promise<RecordAnswer>
}

interface ToolsUsed {
  readonly pressId?: number
  readonly pusherId?: number
  readonly supportId?: number
}

/** Logs what was really done at the press; starts from the plan, or from last time by one key. */
export function PressLogForm(props: PressLogFormProps) {
  const { fields, initial, submitLabel, presses, pressId, onPress, dies, last, onSubmit } = props
  const [pusherId, setPusherId] = useState(props.pusherId)
  const [supportId, setSupportId] = useState(props.supportId)
  const [begun, setBegun] = useState({ version: 0, initial })
  const asks = (name: string) => fields.some((field) => field.name === name)
  const asLast = () => {
    if (!last) return
    if (last.pressId !== null) onPress(last.pressId)
    setPusherId(last.pusherId)
    setSupportId(last.supportId)
    setBegun({
      version: begun.version + 1,
      initial: { ...initial, quarterTurns: last.quarterTurns, cushion: last.cushion },
    })
  }
  usePageKeys('a', asLast, { enabled: last !== null, ignoreEventWhen: (event) => !isAtRest(event.target) })
  const otherwise = (typed: Partial<FormValues>) => {
    if (!last || !dies) return []
    const turns = Number(typed['quarterTurns'])
    const now: PressSettings = {
      pressId,
      pusherId,
      supportId,
      quarterTurns: asks('quarterTurns') && Number.isFinite(turns) ? turns : last.quarterTurns,
      cushion: asks('cushion') ? String(typed['cushion'] ?? '') : last.cushion,
    }
    return otherwiseThanLast(now, last, {
      press: (id) => presses.find((press) => press.id === id)?.name ?? 'none',
      die: (id) => dies.find((die) => die.id === id)?.code ?? 'none',
    })
  }
  return (
    <Box>
      {dies && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, mt: 1 }}>
          <DieChoice
            label="Pusher used"
            dies={dies.filter((die) => die.role === 'pusher')}
            value={pusherId}
            onChange={setPusherId}
          />
          <DieChoice
            label="Support used"
            dies={dies.filter((die) => die.role === 'support')}
            value={supportId}
            onChange={setSupportId}
          />
        </Box>
      )}
      <RecordForm
        key={begun.version}
        fields={fields}
        initial={begun.initial}
        submitLabel={submitLabel}
        dense
        note={(typed) => <Otherwise lines={otherwise(typed)} />}
        onSubmit={(values) =>
          onSubmit(
            {
              ...(pressId !== null && { pressId }),
              ...(pusherId !== null && { pusherId }),
              ...(supportId !== null && { supportId }),
            },
            values,
          )
        }
      />
      {last && (
        <Button size="small" onClick={asLast} sx={{ mt: 0.5 }}>
          As last time, tray {last.trayNumber} <KeyCap name="A" />
        </Button>
      )}
    </Box>
  )
}

/** What is done otherwise than last time on this case. */
function Otherwise({ lines }: { readonly lines: readonly string[] }) {
  if (lines.length === 0) return null
  return (
    <Typography variant="body2" sx={{ color: 'warning.main', mt: 0.5 }}>
      <strong>Otherwise than last time:</strong> {lines.join('; ')}.
    </Typography>
  )
}

interface DieChoiceProps {
  readonly label: string
  readonly dies: readonly Die[]
  readonly value: number | null
  readonly onChange: (id: number | null) => void
}

function DieChoice({ label, dies, value, onChange }: DieChoiceProps) {
  return (
    <TextField
      select
      fullWidth
      label={label}
      value={dies.some(({ id }) => id === value) ? value : ''}
      onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
    >
      <MenuItem value="">none</MenuItem>
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
