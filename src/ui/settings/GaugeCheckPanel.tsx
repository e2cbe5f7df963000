'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import Typography from '@mui/material/Typography'
import { useState } from 'react'
import { gaugeCheck } from '@/core/measure/gaugeCheck'
import { formatMm, formatSignedMm } from '@/core/units/formatMm'
import { parseReading } from '@/core/units/parseReading'
import type { Calls } from '@/services/actions'
import type { Refusal } from '@/services/boundary'
import type { ShopTools } from '@/services/shop/shopTools'
import { useOneAtATime } from '../forms/useOneAtATime'
import { useSentOnce } from '../forms/useSentOnce'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'

const COLOURS = { within: 'success.main', correct: 'warning.main', unsteady: 'error.main' } as const
const CHECKS_SHOWN = 4

/** A quick check of an instrument against a gauge block or pin, and the last ones made. */
export function GaugeCheckPanel({ tools, check }: { tools: ShopTools; check: Calls['checkInstrument'] }) {
  const { clockText } = useTimes()
  const [instrumentId, setInstrumentId] = useState(tools.instruments[0]?.id ?? 0)
  const [nominal, setNominal] = useState('10.00')
  const [readings, setReadings] = useState<readonly string[]>(['', '', ''])
  const [message, setMessage] = useState<{ text: string; wrong: boolean; doubt?: boolean } | null>(null)
  const instrument = tools.instruments.find((i) => i.id === instrumentId)
  const live = instrument ? liveCheck(nominal, readings, instrument) : null
  /** a drift that is rather a slip: taken off only when that is said twice */
  const [askedOf, setAskedOf] = useState('')
  const figures = [instrumentId, nominal, ...readings].join(' ')
  const asked = askedOf === figures
  const send = useSentOnce(check)
  const [keep, busy] = useOneAtATime(async (correct: boolean) => {
    const result = await send({ instrumentId, nominal, readings, correct, sure: asked }).catch(
      (): Refusal => AWAY,
    )
    setAskedOf(!result.ok && result.errors['sure'] !== undefined ? figures : '')
    if (!result.ok) {
      // What it shows stands above already.
      const text = result.errors['sure'] ? NOT_YET : Object.values(result.errors).join(' ')
      return setMessage({ text, wrong: true })
    }
    setReadings(['', '', ''])
    setMessage({
      text: result.corrected
        ? `Kept. Zero offset of ${instrument?.name ?? 'it'} is now ${formatSignedMm(result.check.newZeroOffsetMm, 0.001)}; readings taken before keep theirs.`
        : `Kept. ${result.check.words}`,
      wrong: false,
      doubt: !result.corrected && result.check.verdict !== 'within',
    })
  })
  return (
    <Box component="section" aria-label="Gauge block check" sx={{ maxWidth: 900 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1, alignItems: 'center' }}>
        <TextField
          select
          label="Instrument"
          value={instrumentId}
          onChange={(event) => setInstrumentId(Number(event.target.value))}
          sx={{ minWidth: 180 }}
        >
          {tools.instruments.map((i) => (
            <MenuItem key={i.id} value={i.id}>
              {i.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Block or pin"
          value={nominal}
          onChange={(event) => setNominal(event.target.value)}
          sx={{ width: 120 }}
        />
        {readings.map((text, i) => (
          <TextField
            key={i}
            label={`Reading ${i + 1}`}
            value={text}
            onChange={(event) => setReadings(readings.map((r, at) => (at === i ? event.target.value : r)))}
            sx={{ width: 110 }}
            slotProps={{ htmlInput: { className: 'figure', inputMode: 'decimal' } }}
          />
        ))}
      </Box>
      <Typography
        sx={{ mt: 0.75, minHeight: 24, color: live ? COLOURS[live.verdict] : 'text.secondary' }}
        role="status"
      >
        {live?.words ?? 'Measure one block three times; the drift shows at once.'}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
        <Button variant="outlined" onClick={() => void keep(false)} disabled={busy}>
          Keep the check
        </Button>
        {live?.verdict === 'correct' && (
          <Button variant="contained" onClick={() => void keep(true)} disabled={busy}>
            {asked ? 'It is so: take' : 'Keep and take'} {formatSignedMm(live.driftMm)} off
          </Button>
        )}
      </Box>
      {message?.wrong && <WorkError text={message.text} />}
      {message && !message.wrong && (
        <Typography sx={{ mt: 0.5, color: message.doubt ? 'error.main' : 'success.main' }} role="status">
          {message.text}
        </Typography>
      )}
      <Box component="ul" aria-label="Last checks" sx={{ pl: 2.5, mt: 1, fontSize: 14.5 }}>
        {tools.checks.slice(0, CHECKS_SHOWN).map((past) => (
          <li key={past.id} suppressHydrationWarning>
            {clockText(past.checkedAt)}: {past.instrument} {formatSignedMm(past.driftMm)} on{' '}
            {formatMm(past.nominalMm)}
            {past.corrected && ', taken off'}
            {past.doubt !== null && (
              <Box component="strong" sx={{ color: 'error.main' }}>
                , not set right since
              </Box>
            )}
          </li>
        ))}
      </Box>
    </Box>
  )
}

const NOT_YET = 'Nothing is kept yet. Look at block and jaws, or say that it is so.'

const AWAY: Refusal = {
  ok: false,
  errors: {
    form: 'Not known whether it is kept: Whyalon does not answer. The figures are still here; keep once more when it does: it is kept once.',
  },
}

function liveCheck(
  nominal: string,
  readings: readonly string[],
  instrument: ShopTools['instruments'][number],
) {
  const block = parseReading(nominal)
  const figures = readings.filter((r) => r.trim() !== '').map(parseReading)
  const values = figures.flatMap((r) => (r.ok ? [r.valueMm] : []))
  if (!block.ok || !(block.valueMm > 0) || values.length === 0 || values.length < figures.length) return null
  return gaugeCheck(block.valueMm, values, instrument)
}
