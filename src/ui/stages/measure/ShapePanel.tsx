'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import TextField from '@mui/material/TextField'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useMemo, useState } from 'react'
import { parsePoints } from '@/core/circle/parsePoints'
import { expandedUncertaintyMm } from '@/core/measure/Estimate'
import type { InstrumentSpec } from '@/core/measure/InstrumentSpec'
import type { ShapeInput, ShapeOutcome } from '@/core/shapes/shapeSize'
import { shapeSize } from '@/core/shapes/shapeSize'
import { formatMm } from '@/core/units/formatMm'
import { parseReading } from '@/core/units/parseReading'
import { useOneAtATime } from '../../forms/useOneAtATime'
import type { StageWorkProps } from '../StageWorkProps'
import { PhotoGaugeButton } from '../../photo-gauge/PhotoGaugeButton'
import { FragmentDrawing } from './FragmentDrawing'
import { ShapeList } from './ShapeList'
import { WorkError } from '../shared/WorkError'

type Way = 'chord' | 'points' | 'visible-top' | 'gasket-imprint'

interface WayWords {
  readonly button: string
  readonly first: string
  readonly second: string | null
  readonly how: string
}

const WAYS: Readonly<Record<Way, WayWords>> = {
  chord: {
    button: 'chord and sagitta',
    first: 'Chord',
    second: 'Sagitta',
    how: 'Chord: straight between the two ends of the longest piece of rim. Sagitta: from its middle out to the rim.',
  },
  points: {
    button: 'edge points',
    first: 'Points along the rim, x and y in mm, one a line',
    second: null,
    how: 'From squared paper or a stage: a dozen points spread over all the rim there is. Chips are left out by themselves.',
  },
  'visible-top': {
    button: 'visible top',
    first: 'Top, across',
    second: 'Bevel, one side',
    how: 'In the case only the flat top is seen: its width and one bevel’s give the rest.',
  },
  'gasket-imprint': {
    button: 'imprint in the ring',
    first: 'Imprint, across',
    second: null,
    how: 'The old ring keeps the mark of the crystal’s edge. It shrinks, so it counts for less.',
  },
}

/** The old crystal's size when no jaws go across it: the way is chosen, the answer and its doubt are live. */
export function ShapePanel({ bench, actions }: StageWorkProps) {
  const { view } = bench.state
  const gone = view.tray.crystalState === 'shattered' || view.tray.crystalState === 'missing'
  const [open, setOpen] = useState(false)
  const [way, setWay] = useState<Way>(view.tray.crystalState === 'missing' ? 'gasket-imprint' : 'chord')
  const [first, setFirst] = useState('')
  const [second, setSecond] = useState('')
  const [error, setError] = useState<string | null>(null)
  const inHand = view.tray.finishedAt === null
  const instrument = view.instruments.find((i) => i.kind === 'caliper') ?? view.instruments[0]
  const input = useMemo(
    () => inputOf(way, first, second, instrument ?? null),
    [way, first, second, instrument],
  )
  const outcome = useMemo(() => (input.ready ? shapeSize(input.input) : null), [input])
  const words = WAYS[way]
  const [store, busy] = useOneAtATime(async () => {
    if (!instrument) return
    const sent = { trayId: view.tray.id, kind: way, instrumentId: instrument.id, first, second }
    const wrong = await bench.change(actions.takeShape(sent))
    setError(wrong)
    if (wrong === null) {
      setFirst('')
      setSecond('')
    }
  })
  return (
    <Box component="section" aria-label="Ways round the jaws" sx={{ mt: 0.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2 }}>
        <Button size="small" onClick={() => setOpen(!open)} aria-expanded={open} sx={{ px: 0 }}>
          {gone ? 'Crystal gone or in pieces: other ways to its size' : 'Other ways to the crystal’s size'}
        </Button>
        {inHand && <PhotoGaugeButton bench={bench} actions={actions} />}
      </Box>
      <ShapeList bench={bench} actions={actions} />
      {open && inHand && (
        <Box
          component="form"
          onSubmit={(event) => {
            event.preventDefault()
            void store()
          }}
        >
          <ToggleButtonGroup
            exclusive
            size="small"
            value={way}
            aria-label="Way"
            onChange={(_, next: Way | null) => {
              if (!next) return
              setWay(next)
              setError(null)
            }}
            sx={{ flexWrap: 'wrap', mb: 0.75 }}
          >
            {(Object.keys(WAYS) as Way[]).map((id) => (
              <ToggleButton key={id} value={id}>
                {WAYS[id].button}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ fontSize: 14, color: 'text.secondary', mb: 0.5 }}>{words.how}</Box>
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr', sm: 'minmax(0,1fr) 190px' },
              columnGap: 2,
            }}
          >
            <Box>
              <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
                <TextField
                  label={words.first}
                  value={first}
                  onChange={(event) => setFirst(event.target.value)}
                  multiline={way === 'points'}
                  minRows={way === 'points' ? 3 : undefined}
                  maxRows={6}
                  fullWidth={way === 'points'}
                  slotProps={{
                    htmlInput: { className: 'figure', inputMode: way === 'points' ? 'text' : 'decimal' },
                  }}
                />
                {words.second !== null && (
                  <TextField
                    label={words.second}
                    value={second}
                    onChange={(event) => setSecond(event.target.value)}
                    slotProps={{ htmlInput: { className: 'figure', inputMode: 'decimal' } }}
                  />
                )}
                <Button type="submit" variant="outlined" disabled={busy || outcome?.ok !== true}>
                  Keep
                </Button>
              </Box>
              <Live outcome={outcome} trouble={input.ready ? null : input.trouble} />
              <WorkError text={error} />
            </Box>
            <FragmentDrawing input={input.ready ? input.input : null} outcome={outcome} />
          </Box>
        </Box>
      )}
    </Box>
  )
}

/** The answer while it is typed, and what would make it better. */
function Live({ outcome, trouble }: { outcome: ShapeOutcome | null; trouble: string | null }) {
  if (!outcome) return <Box sx={{ minHeight: 44, fontSize: 14.5, color: 'text.secondary' }}>{trouble}</Box>
  if (!outcome.ok)
    return <Box sx={{ minHeight: 44, fontSize: 14.5, color: 'error.main' }}>{outcome.message}</Box>
  const { diameter, arcDeg, arcForFine } = outcome
  const expanded = expandedUncertaintyMm(diameter)
  return (
    <Box sx={{ minHeight: 44, fontSize: 14.5 }} data-testid="shape-size">
      <strong className="figure" style={{ fontSize: 26 }}>
        {formatMm(diameter.valueMm)} ±{formatMm(expanded)}
      </strong>{' '}
      {outcome.words}
      {arcDeg !== null && `, an arc of ${Math.round(arcDeg)}°`}.
      {arcForFine && (
        <Box component="span" sx={{ color: 'warning.main' }}>
          {' '}
          For ±0.05 it takes {Math.round(arcForFine.arcDeg)}°: chord {formatMm(arcForFine.chordMm, 0.1)},
          sagitta {formatMm(arcForFine.sagittaMm, 0.1)}.
        </Box>
      )}
    </Box>
  )
}

type Ready = { ready: true; input: ShapeInput } | { ready: false; trouble: string | null }

/** The figures typed so far as an input, or what is missing. */
function inputOf(way: Way, first: string, second: string, instrument: InstrumentSpec | null): Ready {
  if (!instrument) return { ready: false, trouble: 'No instrument: add one in Settings first.' }
  if (first.trim() === '') return { ready: false, trouble: null }
  if (way === 'points') {
    const parsed = parsePoints(first)
    return parsed.ok
      ? { ready: true, input: { kind: way, points: parsed.points } }
      : { ready: false, trouble: parsed.message }
  }
  const a = parseReading(first)
  if (!a.ok)
    return { ready: false, trouble: `${WAYS[way].first}: “${first.trim().slice(0, 20)}” is not a length.` }
  if (way === 'gasket-imprint') return { ready: true, input: { kind: way, imprintMm: a.valueMm, instrument } }
  const b = parseReading(second)
  if (!b.ok)
    return {
      ready: false,
      trouble:
        second.trim() === '' ? null : `${WAYS[way].second}: “${second.trim().slice(0, 20)}” is not a length.`,
    }
  return {
    ready: true,
    input:
      way === 'chord'
        ? { kind: way, chordMm: a.valueMm, sagittaMm: b.valueMm, instrument }
        : { kind: way, topMm: a.valueMm, bevelMm: b.valueMm, instrument },
  }
}
