'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { PRESS_WORK_FACTS } from '@/core/press/pressWorks'
import { WORK_RUN_FIELDS } from '@/core/records/jobFields'
import { forceLimits } from '@/core/press/plan/forceLimits'
import { forceBand } from '@/core/press/plan/expectedForce'
import { chosenDie } from '@/core/press/plan/PlannedDie'
import type { PressWorkView } from '@/services/tray/pressWorks'
import { useTimes } from '../../small/useTimes'
import { Caution } from '../../small/Caution'
import type { StageWorkProps } from '../StageWorkProps'
import { fieldsOfPress } from './fieldsOfPress'
import { ForceLine } from './ForceLine'
import type { PressedTrace } from './live/PressLive'
import { PressLive } from './live/PressLive'
import { NotYet } from '../shared/NotYet'
import { PlanColumn } from './PlanColumn'
import { PressChoice } from './PressChoice'
import { PressLogForm } from './PressLogForm'
import { PressRuns } from './PressRuns'
import { StressChart } from './StressChart'

export interface PressWorkPanelProps extends StageWorkProps {
  readonly shown: PressWorkView
}

/** One press of the stage: its plan on the left, what it will feel like and its log on the right. */
export function PressWorkPanel({ bench, actions, shown }: PressWorkPanelProps) {
  const { view } = bench.state
  const { work, plan, advice, runs, lastTime, toMake, notYet } = shown
  const presses = view.presses
  const [pressId, setPressId] = useState(advice.pressId)
  const [trace, setTrace] = useState<PressedTrace | null>(null)
  const { dayText } = useTimes()
  const press = presses.find(({ id }) => id === pressId)
  const gauged = press?.gauged ?? false
  const open = view.tray.finishedAt === null && notYet === null
  return (
    <Box component="section" aria-label={PRESS_WORK_FACTS[work].label}>
      {notYet !== null && view.tray.finishedAt === null && <NotYet words={notYet} />}
      {lastTime && (
        <Typography
          suppressHydrationWarning
          sx={{ pl: 1.25, borderLeft: 3, borderColor: 'primary.main', fontSize: 14.5 }}
        >
          <strong>Last time</strong> (tray {lastTime.trayNumber}, {dayText(lastTime.ranAt)}): pusher{' '}
          {lastTime.pusher ?? 'none'}, {lastTime.press?.toLowerCase() ?? 'by hand'}
          {lastTime.peakForceN !== null && `, ${lastTime.peakForceN} N`}
          {lastTime.note && `. ${lastTime.note}`}
        </Typography>
      )}
      <ForceLine force={plan.force} restsOn={shown.forceRestsOn} tooHigh={plan.tooHigh} />
      {plan.warnings.length > 0 && <Caution text={plan.warnings.join(' ')} />}
      {gauged && press && open && (
        <PressLive
          trayId={view.tray.id}
          pressId={press.id}
          goesIn={false}
          policy={view.pressRunPolicy}
          expected={plan.force && forceBand(plan.force)}
          runsLogged={runs.length}
          limits={forceLimits(press, plan.stress)}
          isLogged={view.simulatedCounts}
          onBusy={noMatter}
          onTrace={setTrace}
        />
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1.1fr 1fr' }, columnGap: 3, mt: 1 }}>
        <PlanColumn plan={plan} toMake={toMake} lay={null} />
        <Box>
          {plan.stress && <StressChart stress={plan.stress} />}
          <PressChoice presses={presses} pressId={pressId} advice={advice} onChange={setPressId} />
          {open && (
            <PressLogForm
              key={[runs.length, trace?.verdict].join()}
              fields={fieldsOfPress(WORK_RUN_FIELDS, {
                byHand: press === undefined,
                gauged,
                traced: trace !== null && trace.counts,
              })}
              initial={{ outcome: 'done', quarterTurns: 0, cushion: plan.cushion }}
              submitLabel="Log this press"
              presses={presses}
              pressId={pressId}
              onPress={setPressId}
              dies={view.dies}
              pusherId={idOf(plan, 'pusher')}
              supportId={idOf(plan, 'support')}
              last={lastTime && { ...lastTime, pressId: idOfPress(presses, lastTime.press) }}
              onSubmit={async (tools, fields) => {
                const result = await actions.logWorkRun({
                  trayId: view.tray.id,
                  work,
                  ...tools,
                  ...(trace?.counts && gauged && { trace: { source: trace.source, points: trace.points } }),
                  fields: press ? fields : { ...fields, quarterTurns: '0' },
                })
                if (result.ok) bench.take(result, bench.state.stage)
                return result
              }}
            />
          )}
        </Box>
      </Box>
      <PressRuns runs={runs} />
    </Box>
  )
}

/** Here the plan stays in sight. */
const noMatter = () => undefined

function idOf({ dies }: PressWorkView['plan'], role: 'pusher' | 'support'): number | null {
  return chosenDie(dies.find((planned) => planned.role === role))?.id ?? null
}

function idOfPress(presses: readonly { id: number; name: string }[], name: string | null): number | null {
  return presses.find((press) => press.name === name)?.id ?? null
}
