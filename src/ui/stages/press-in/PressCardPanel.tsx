'use client'
import Box from '@mui/material/Box'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import type { DieOutcome } from '@/core/dies/pressInDies'
import { PRESS_SCHOOLS } from '@/core/press/pressPlan'
import type { ForeseenForce } from '@/core/tray/pastFigures'
import { isOwn } from '@/core/own-parts/OwnPart'
import type { StockLine } from '@/core/stock/StockLine'
import { unmeasured } from '@/core/fit/restsOn'
import { DIMENSIONS } from '@/core/readings/dimensions'
import { InlineStateMark } from '../../small/StateMark'
import { formatMm } from '@/core/units/formatMm'
import type { TrayView } from '@/services/tray/trayView'
import { crystalWords } from '@/core/own-parts/crystalWords'
import { LastTimeNote } from './LastTimeNote'
import type { PressedTrace } from './live/PressLive'
import { PressLive } from './live/PressLive'
import { PressRuns } from './PressRuns'
import { PressLogForm } from './PressLogForm'
import { Caution } from '../../small/Caution'
import type { TrayCalls } from '@/services/actions'
import type { Changed } from '@/services/tray/trayChange'
import type { Refusal } from '@/services/boundary'
import { capital } from '@/core/units/capital'

export interface PressCardPanelProps {
  readonly view: TrayView
  readonly logPressRun: TrayCalls['logPressRun']
  readonly onLogged: (result: Extract<Changed | Refusal, { ok: true }>) => void
}

/** Planned dies, press and steps on the left; what was really done on the right. */
export function PressCardPanel({ view, logPressRun, onLogged }: PressCardPanelProps) {
  const { press, lastTime } = view
  const [trace, setTrace] = useState<PressedTrace | null>(null)
  const lastPress = press?.presses.find((p) => p.name === lastTime?.press)
  const [pressId, setPressId] = useState(lastPress?.id ?? press?.presses[0]?.id ?? null)
  if (!press)
    return (
      <Typography sx={{ fontSize: '1.15rem' }}>
        Nothing is picked yet: choose a crystal under Match first.
      </Typography>
    )
  const chosenPress = press.presses.find((p) => p.id === pressId) ?? press.presses[0]
  const notMeasured = 'figures' in press.evidence ? unmeasured(press.evidence.figures) : []
  const byHand = press.pusher === null && press.support === null
  const lay = byHand || view.rim || !chosenPress ? null : press.lays[chosenPress.id]
  const plan = press.plans[chosenPress?.kind ?? 'lever']
  return (
    <Box component="section" aria-label="Press card">
      <Typography variant="h2" component="h2" sx={{ fontSize: '1.3rem' }}>
        {crystalWords(press.crystal)}
      </Typography>
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
      {press.force && !byHand && <ForceLine force={press.force} />}
      {press.againstNow.length > 0 && (
        <Typography role="alert" sx={{ color: 'error.main', fontSize: 14, lineHeight: 1.35, mt: 0.5 }}>
          <strong>Against it as the case stands now:</strong> {press.againstNow.join('; ')}. Look at Match
          before it is pressed.
        </Typography>
      )}
      {lastTime && <LastTimeNote last={lastTime} />}
      <Caution text={plan.cautions.join(' ')} />
      {chosenPress?.gauged && !byHand && view.tray.finishedAt === null && (
        <PressLive
          trayId={view.tray.id}
          pressId={chosenPress.id}
          policy={press.runPolicy}
          expected={press.force && forceBand(press.force)}
          runsLogged={press.runs.length}
          onTrace={setTrace}
        />
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1.1fr 1fr' }, columnGap: 3, mt: 1 }}>
        <Box>
          {press.pusher && <DieLine role="Pusher" outcome={press.pusher} />}
          {press.support && <DieLine role="Support" outcome={press.support} />}
          {press.caseAssumed && (
            <Typography variant="body2" sx={{ mb: 0.5 }}>
              <InlineStateMark state="assumed" /> Judged by a case diameter nobody has read: write it on the
              sheet.
            </Typography>
          )}
          {byHand && <Typography sx={{ fontWeight: 700 }}>By hand: no press, no dies</Typography>}
          {plan.cushion !== '' && (
            <Typography variant="body2" sx={{ mt: 0.5 }}>
              <strong>Cushion</strong> {plan.cushion}
            </Typography>
          )}
          <Box
            component="ol"
            sx={{ pl: 2.2, my: 0.5, fontSize: 13.5, lineHeight: 1.3, '& li': { mb: 0.25 } }}
          >
            {lay && (
              <li>
                {lay.action}{' '}
                <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                  ({lay.why})
                </Box>
              </li>
            )}
            {plan.steps.map((step) => (
              <li key={step.action}>
                {step.action}{' '}
                <Box component="span" sx={{ color: 'text.secondary', fontSize: 12.5 }}>
                  ({step.why})
                </Box>
              </li>
            ))}
          </Box>
        </Box>
        <Box>
          {!byHand && (
            <ToggleButtonGroup
              exclusive
              size="small"
              value={chosenPress?.id ?? null}
              onChange={(_, id: number | null) => id !== null && setPressId(id)}
              aria-label="Press"
              fullWidth
            >
              {press.presses.map((p) => (
                <ToggleButton key={p.id} value={p.id}>
                  {p.name}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          )}
          {chosenPress && !byHand && (
            <Typography variant="body2" sx={{ mt: 0.5, color: 'text.secondary' }}>
              {PRESS_SCHOOLS[chosenPress.kind]}
            </Typography>
          )}
          <PressLogForm
            // A lay that follows from heights read meanwhile is proposed anew.
            key={[press.runs.length, view.rim?.lay?.leftHour, trace?.verdict].join()}
            view={view}
            card={press}
            pressId={byHand ? null : (chosenPress?.id ?? null)}
            cushion={plan.cushion}
            trace={trace}
            logPressRun={logPressRun}
            onLogged={onLogged}
          />
        </Box>
      </Box>
      <PressRuns card={press} />
    </Box>
  )
}

/** “Ring GN-3012 from C4”, or “its own ring”. */
function fromText(name: string, part: StockLine): string {
  return isOwn(part) ? `its own ${name}` : `${name} ${part.code} from ${part.drawer}`
}

/** Where a force is expected, N. */
function forceBand({ mean, standardDeviation }: ForeseenForce) {
  return { low: Math.max(0, mean - 2 * standardDeviation), high: mean + 2 * standardDeviation }
}

/** What to expect of a gauged press, and on how many runs it rests. */
function ForceLine({ force }: { force: ForeseenForce }) {
  const { runs, byFigures } = force
  const { low, high } = forceBand(force)
  const from =
    runs === 0
      ? 'a first guess by ring and squeeze, until runs are logged here'
      : `${runs === 1 ? 'one run' : `${runs} runs`} that went home here, and ${Math.round(byFigures)} N by ring and squeeze`
  return (
    <Typography variant="body2" sx={{ color: 'text.secondary' }}>
      Expect{' '}
      <Box component="span" className="figure" sx={{ color: 'text.primary' }}>
        {Math.round(low)}–{Math.round(high)} N
      </Box>
      : {from}
    </Typography>
  )
}

function DieLine({ role, outcome }: { role: string; outcome: DieOutcome }) {
  if (!outcome.ok) {
    return (
      <Typography sx={{ color: 'error.main', mb: 0.5 }}>
        <strong>{role}: none fits.</strong> {outcome.why}
        {outcome.nearest &&
          ` Nearest: ${outcome.nearest.code}, ${formatMm(outcome.nearest.outerDiameterMm, 0.1)}.`}
      </Typography>
    )
  }
  const { die, reasons } = outcome.best
  return (
    <Box sx={{ mb: 0.5 }}>
      <Typography sx={{ fontWeight: 700 }}>
        {role} <span className="figure">{die.code}</span>{' '}
        <Box component="span" sx={{ fontWeight: 400 }}>
          {die.material}, {die.drawer}
        </Box>
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary' }}>
        {reasons.join('; ')}.
      </Typography>
    </Box>
  )
}
