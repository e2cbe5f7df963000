'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useEffect, useEffectEvent, useState } from 'react'
import { usePageKeys } from '../../../keys/usePageKeys'
import { countsAsPressed } from '@/core/press-run/countsAsPressed'
import type { PressReading } from '@/core/press-run/PressReading'
import type { PressRunPolicy } from '@/core/press-run/pressRunPolicy'
import type { TraceRow, TraceSource } from '@/core/press-run/PressTrace'
import { soonerHome } from '@/core/press-run/soonerHome'
import { formatMm } from '@/core/units/formatMm'
import { isAtRest } from '../../../keys/isAtRest'
import { KeyCap } from '../../../small/KeyCap'
import { sound } from '../../../sounds/sound'
import { PressChart } from './PressChart'
import { gapAt, tellPressGap } from './pressGap'
import { USUAL_CONTACT_MM } from './pressScales'
import { endWords, forceWords, toGoMm, verdictWords } from './runWords'
import type { ForceLimit, PressCue } from '@/core/press-run/pressCue'
import { overLimit, pressCue } from '@/core/press-run/pressCue'
import { useEnvelope } from './useEnvelope'
import { usePressRun } from './usePressRun'

/** A run that was pressed and is to be logged. */
export interface PressedTrace {
  readonly source: TraceSource
  readonly points: readonly TraceRow[]
  readonly verdict: PressReading['verdict'] | null
  /** false where nothing was pressed by it: it is not logged */
  readonly counts: boolean
}

export interface PressLiveProps {
  readonly trayId: number
  readonly pressId: number
  /** a crystal goes in: the run is read, and good runs stand behind it */
  readonly goesIn: boolean
  readonly policy: PressRunPolicy
  readonly expected: { readonly low: number; readonly high: number } | null
  /** changes with every run logged: the next one begins empty */
  readonly runsLogged: number
  /** of the press and of the crystal */
  readonly limits: readonly ForceLimit[]
  /** a simulated run counts as pressed */
  readonly isLogged: boolean
  /** told when a run begins, and when there is none any more */
  readonly onBusy: (busy: boolean) => void
  readonly onTrace: (trace: PressedTrace | null) => void
}

/** What a simulated press can be told to do, as it is chosen. */
const ORDERS: readonly (readonly [string, string])[] = [
  ['none', 'goes home'],
  ['cocked', 'goes in leaning'],
  ['loose', 'nothing holds'],
  ['over-pressed', 'pressed too far'],
  ['cracked', 'cracks'],
  ['not-home', 'stops too early'],
  ['dirt', 'a speck on the seat'],
]

/** So many standard deviations hold 95 % of good runs. */
const RUNS_DIFFER = 2

const COLOURS: Readonly<Record<PressCue['kind'], string>> = {
  wait: 'text.secondary',
  go: 'primary.main',
  home: 'success.main',
  stop: 'error.main',
}

/** A press with a cell: its run as it happens, what it says, and when to stop. */
export function PressLive({
  trayId,
  pressId,
  goesIn,
  policy,
  expected,
  runsLogged,
  limits,
  isLogged,
  onBusy,
  onTrace,
}: PressLiveProps) {
  const run = usePressRun(policy, goesIn)
  const [source, setSource] = useState<TraceSource>('simulated')
  const [fault, setFault] = useState('none')
  const { state, rows, reading, trouble } = run
  const envelope = useEnvelope(trayId, goesIn && state !== 'idle')
  const last = rows.at(-1)
  const cue = pressCue(reading, last ? overLimit(last[2], limits) : null)
  const sooner = state === 'ended' && reading ? soonerHome(reading, envelope) : null
  const toGo = toGoMm(envelope, reading, last)

  const tell = useEffectEvent(() =>
    onTrace({
      source: run.source,
      points: rows,
      verdict: reading?.verdict ?? null,
      counts: countsAsPressed(run.source, isLogged),
    }),
  )
  // Told once it is over, and once more when the last of it is read.
  useEffect(() => {
    if (state === 'ended') tell()
  }, [state, reading])
  // The drawing beside moves with the run.
  useEffect(() => {
    const contactMm = reading?.contactMm ?? USUAL_CONTACT_MM
    const wayMm = reading?.homeMm == null ? (envelope?.homeMm ?? null) : reading.homeMm - contactMm
    const deepest = rows.reduce((most, [, travelMm]) => Math.max(most, travelMm), 0)
    tellPressGap(last && goesIn && state !== 'idle' ? gapAt(last[1], deepest, contactMm, wayMm) : null)
  }, [rows, last, goesIn, state, reading, envelope])
  useEffect(() => () => tellPressGap(null), [])
  // Said in sound as in words and colour, whatever says it: the reading, or the press's own limit.
  useEffect(() => {
    if (state !== 'running') return
    if (cue.kind === 'stop') sound('refused')
    if (cue.kind === 'home') sound('over')
  }, [state, cue.kind])
  const clear = useEffectEvent(run.clear)
  const busy = useEffectEvent(onBusy)
  useEffect(() => busy(state !== 'idle'), [state])
  // A run that was logged is over, and one of another press is none of this one's.
  useEffect(() => clear(), [runsLogged, pressId])

  const start = () => {
    onTrace(null)
    run.start({ source, trayId, pressId, fault })
  }
  usePageKeys('h', () => (state === 'running' ? run.stop() : start()), {
    ignoreEventWhen: (event) => !isAtRest(event.target),
  })

  return (
    <Box component="section" aria-label="Force over travel" sx={{ mt: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1 }}>
        <Typography variant="h3" component="h3" sx={{ flex: '1 1 auto' }}>
          Force over travel
        </Typography>
        <TextField
          select
          size="small"
          label="Cell"
          value={source}
          disabled={state === 'running'}
          onChange={(event) => setSource(event.target.value === 'bridge' ? 'bridge' : 'simulated')}
          sx={{ minWidth: 130 }}
        >
          <MenuItem value="simulated">simulated</MenuItem>
          <MenuItem value="bridge">over the bridge</MenuItem>
        </TextField>
        {source === 'simulated' && goesIn && (
          <TextField
            select
            size="small"
            label="Simulated run"
            value={fault}
            disabled={state === 'running'}
            onChange={(event) => setFault(event.target.value)}
            sx={{ minWidth: 150 }}
          >
            {ORDERS.map(([value, words]) => (
              <MenuItem key={value} value={value}>
                {words}
              </MenuItem>
            ))}
          </TextField>
        )}
        {state === 'running' ? (
          <Button variant="contained" color="error" onClick={run.stop} sx={{ minHeight: 44 }}>
            Stop <KeyCap name="H" />
          </Button>
        ) : (
          <Button variant="outlined" onClick={start} sx={{ minHeight: 44 }}>
            {state === 'ended' ? 'Press again' : 'Start the run'} <KeyCap name="H" />
          </Button>
        )}
      </Box>
      {state !== 'idle' && (
        <PressChart rows={rows} reading={reading} envelope={envelope} expected={expected} />
      )}
      <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 2 }}>
        {state !== 'idle' && (
          <Typography
            role="status"
            aria-live="assertive"
            sx={{
              fontSize: '1.9rem',
              fontWeight: 700,
              lineHeight: 1.15,
              color: sooner ? 'warning.main' : COLOURS[cue.kind],
            }}
          >
            {state === 'ended' && reading
              ? endWords(reading, sooner !== null)
              : goesIn || cue.kind === 'stop'
                ? cue.words
                : forceWords(rows, state)}
          </Typography>
        )}
        {state === 'running' && last && (
          <Typography className="figure" sx={{ fontSize: '1.9rem', lineHeight: 1.15 }}>
            {Math.round(last[2])} N
          </Typography>
        )}
        {state !== 'idle' && (
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            {state === 'running' && toGo !== null && `${formatMm(toGo)} mm to go. `}
            {envelope?.runs
              ? `Behind it ${envelope.runs === 1 ? 'one good run' : `${envelope.runs} good runs`} of this case.`
              : expected && 'Behind it the force to expect.'}
            {run.source === 'simulated' &&
              ` A simulated cell: no press is moving${isLogged ? '' : ', and nothing of it is logged'}.`}
          </Typography>
        )}
      </Box>
      {state === 'ended' && reading && (
        <Typography sx={{ mt: 0.25 }}>
          {sooner && `Read as ${verdictWords(reading)}. `}
          {reading.because}
        </Typography>
      )}
      {sooner && (
        <Typography role="alert" sx={{ color: 'warning.main', mt: 0.25 }}>
          <strong>
            {formatMm(sooner.mm)} ±{formatMm(RUNS_DIFFER * sooner.spreadMm)} mm sooner
          </strong>{' '}
          than good runs of this case: something may lie on the seat. Read the rim at six places or more.
        </Typography>
      )}
      {trouble !== null && (
        <Typography role="alert" sx={{ color: 'error.main', mt: 0.25 }}>
          {trouble}
        </Typography>
      )}
    </Box>
  )
}
