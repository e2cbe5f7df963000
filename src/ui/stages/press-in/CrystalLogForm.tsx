'use client'
import { PLANNED_QUARTER_TURNS } from '@/core/press/PressStep'
import type { PressOutcome } from '@/core/press/pressOutcomes'
import type { PressVerdict } from '@/core/press-run/PressReading'
import { PRESS_RUN_FIELDS } from '@/core/records/jobFields'
import type { TrayCalls } from '@/services/actions'
import type { PressCard } from '@/services/tray/pressCard'
import type { Changed } from '@/services/tray/trayChange'
import type { TrayView } from '@/services/tray/trayView'
import type { PressedTrace } from '../press/live/PressLive'
import { PressLogForm } from '../press/PressLogForm'
import { fieldsOfPress } from '../press/fieldsOfPress'

export interface CrystalLogFormProps {
  readonly view: TrayView
  readonly card: PressCard
  readonly pressId: number | null
  readonly onPress: (id: number) => void
  readonly cushion: string
  /** what the press's cell sent of the run to be logged; null without one */
  readonly trace: PressedTrace | null
  readonly logPressRun: TrayCalls['logPressRun']
  readonly onLogged: (result: Changed) => void
}

/** What a run read so is logged as, until somebody says otherwise: the rim tells whether one that leaned stands level. */
const OUTCOME_OF: Readonly<Record<PressVerdict, PressOutcome>> = {
  good: 'home',
  'over-pressed': 'home',
  cocked: 'high-on-one-side',
  'not-home': 'not-home',
  loose: 'loose',
  cracked: 'cracked',
}

/** Logs a push that was to bring the picked crystal home. */
export function CrystalLogForm(props: CrystalLogFormProps) {
  const { view, card, pressId, onPress, cushion, trace, logPressRun, onLogged } = props
  const byHand = card.pusher === null && card.support === null
  const gauged = view.presses.find((press) => press.id === pressId)?.gauged ?? false
  // A second push takes the dies of the first.
  const before = card.runs.at(-1)
  const lay = view.rim?.lay ?? (pressId === null ? null : card.lays[pressId])
  const { lastTime } = view
  return (
    <PressLogForm
      fields={fieldsOfPress(PRESS_RUN_FIELDS, { byHand, gauged, traced: trace !== null })}
      initial={{
        outcome: trace?.verdict ? OUTCOME_OF[trace.verdict] : 'home',
        cause: trace?.verdict === 'loose' ? 'size' : null,
        // Between pushes that are read, the case is not turned unseen.
        quarterTurns: byHand || view.rim ? 0 : (lastTime?.quarterTurns ?? PLANNED_QUARTER_TURNS),
        cushion,
        leftHour: byHand || pressId === null ? null : (lay?.leftHour ?? null),
      }}
      submitLabel={byHand ? 'Log the fitting' : 'Log the run'}
      presses={view.presses}
      pressId={pressId}
      onPress={onPress}
      dies={byHand ? null : view.dies}
      pusherId={before?.pusherId ?? bestOf(card.pusher)}
      supportId={before?.supportId ?? bestOf(card.support)}
      last={byHand ? null : lastTime}
      onSubmit={async (tools, values) => {
        const result = await logPressRun({
          trayId: view.tray.id,
          ...tools,
          ...(trace && gauged && { trace: { source: trace.source, points: trace.points } }),
          // What only a press has is not asked by hand, and is none.
          fields: byHand ? { ...values, quarterTurns: '0' } : values,
        })
        if (result.ok) onLogged(result)
        return result
      }}
    />
  )
}

function bestOf(outcome: PressCard['pusher']): number | null {
  return outcome?.ok ? outcome.best.die.id : null
}
