'use client'
import Box from '@mui/material/Box'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { isOwn } from '@/core/own-parts/OwnPart'
import type { StockLine } from '@/core/stock/StockLine'
import { unmeasured } from '@/core/fit/restsOn'
import { forceLimits } from '@/core/press/plan/forceLimits'
import { forceBand } from '@/core/press/plan/expectedForce'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { InlineStateMark } from '../../small/StateMark'
import type { TrayView } from '@/services/tray/trayView'
import { crystalWords } from '@/core/own-parts/crystalWords'
import { Caution } from '../../small/Caution'
import { ForceLine } from '../press/ForceLine'
import type { PressedTrace } from '../press/live/PressLive'
import { PressLive } from '../press/live/PressLive'
import { NotYet } from '../shared/NotYet'
import { PlanColumn } from '../press/PlanColumn'
import { PressChoice } from '../press/PressChoice'
import { PressRuns } from '../press/PressRuns'
import { StressChart } from '../press/StressChart'
import { CrystalLogForm } from './CrystalLogForm'
import { LastTimeNote } from './LastTimeNote'
import type { TrayCalls } from '@/services/actions'
import type { Changed } from '@/services/tray/trayChange'
import { capital } from '@/core/units/capital'

export interface PressCardPanelProps {
  readonly view: TrayView
  readonly logPressRun: TrayCalls['logPressRun']
  readonly onLogged: (result: Changed) => void
}

/** How the picked crystal is brought home, and what was really done. After a run the log comes first, the plan is folded. */
export function PressCardPanel({ view, logPressRun, onLogged }: PressCardPanelProps) {
  const { press, lastTime, presses } = view
  const [trace, setTrace] = useState<PressedTrace | null>(null)
  // While a run goes on and until it is logged, the run is what is looked at.
  const [isBusy, setIsBusy] = useState(false)
  const [chosenId, setPressId] = useState(lastTime?.pressId ?? press?.advice.pressId ?? null)
  if (!press)
    return (
      <Typography sx={{ fontSize: '1.15rem' }}>
        Nothing is picked yet: choose a crystal under Match first.
      </Typography>
    )
  const chosen = presses.find(({ id }) => id === chosenId) ?? presses[0]
  const plan = press.plans[chosen?.id ?? 0]
  if (!plan) return null
  const byHand = press.pusher === null && press.support === null
  const lay = byHand || view.rim || !chosen ? null : (press.lays[chosen.id] ?? null)
  const goesOn = view.tray.finishedAt === null
  const isOpen = goesOn && press.notYet === null
  const counting = trace?.counts ? trace : null
  const log = isOpen && (
    <CrystalLogForm
      // A lay that follows from heights read meanwhile is proposed anew.
      key={[press.runs.length, view.rim?.lay?.leftHour, counting?.verdict].join()}
      view={view}
      card={press}
      pressId={byHand ? null : (chosen?.id ?? null)}
      onPress={setPressId}
      cushion={plan.cushion}
      trace={counting}
      logPressRun={logPressRun}
      onLogged={onLogged}
    />
  )
  const column = <PlanColumn plan={plan} toMake={press.toMake} lay={lay} />
  return (
    <Box component="section" aria-label="Press card">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        {crystalWords(press.crystal)}
      </Typography>
      <PickLine view={view} />
      {goesOn && press.notYet !== null && <NotYet words={press.notYet} />}
      {!byHand && <ForceLine force={press.force} restsOn={press.forceRestsOn} tooHigh={plan.tooHigh} />}
      {press.againstNow.length > 0 && (
        <Typography role="alert" sx={{ color: 'error.main', fontSize: 14, lineHeight: 1.35, mt: 0.5 }}>
          <strong>Against it as the case stands now:</strong> {press.againstNow.join('; ')}. Look at Match
          before it is pressed.
        </Typography>
      )}
      {lastTime && !isBusy && <LastTimeNote last={lastTime} />}
      {(isBusy ? [] : press.lessons).map((lesson) => (
        <Typography
          key={lesson}
          sx={{ mt: 0.5, pl: 1.25, borderLeft: 3, borderColor: 'warning.main', fontSize: 14.5 }}
        >
          {lesson}.
        </Typography>
      ))}
      {!isBusy && <Caution text={plan.warnings.join(' ')} />}
      {chosen?.gauged && !byHand && isOpen && (
        <PressLive
          trayId={view.tray.id}
          pressId={chosen.id}
          goesIn
          policy={view.pressRunPolicy}
          expected={press.force && forceBand(press.force)}
          runsLogged={press.runs.length}
          limits={forceLimits(chosen, plan.stress)}
          isLogged={view.simulatedCounts}
          onBusy={setIsBusy}
          onTrace={setTrace}
        />
      )}
      {isBusy ? (
        <>
          {trace && log}
          <Box component="details" sx={{ mt: 1 }}>
            <Box component="summary" sx={{ minHeight: 36, cursor: 'pointer', fontWeight: 700 }}>
              The plan
            </Box>
            {column}
          </Box>
        </>
      ) : (
        <Box
          sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1.1fr 1fr' }, columnGap: 3, mt: 1 }}
        >
          {column}
          <Box>
            {!byHand && (
              <PressChoice
                presses={presses}
                pressId={chosen?.id ?? null}
                advice={press.advice}
                onChange={setPressId}
              />
            )}
            {log}
            {plan.stress && <StressChart stress={plan.stress} />}
          </Box>
        </Box>
      )}
      <PressRuns runs={press.runs} />
    </Box>
  )
}

/** What was picked, from where, and on figures of which origin. */
function PickLine({ view: { press } }: { readonly view: TrayView }) {
  if (!press) return null
  const notMeasured = 'figures' in press.evidence ? unmeasured(press.evidence.figures) : []
  return (
    <Typography variant="body2" sx={{ color: 'text.secondary' }}>
      {capital(fromText('crystal', press.crystal))}
      {press.gasket && `, ${fromText('ring', press.gasket)}`}
      {press.bezelGasket && `, ${fromText('bezel ring', press.bezelGasket)}`}; fit{' '}
      {press.evidence.fitProbability.toFixed(2)}
      {notMeasured.map(([dimension, origin]) => (
        <span key={dimension}>
          ; <InlineStateMark state={origin} /> {DIMENSIONS[dimension].label.toLowerCase()}
        </span>
      ))}
    </Typography>
  )
}

/** “Ring GN-3012 from C4”, or “its own ring”. */
function fromText(name: string, part: StockLine): string {
  return isOwn(part) ? `its own ${name}` : `${name} ${part.code} from ${part.drawer}`
}
