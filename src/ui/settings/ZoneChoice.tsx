'use client'
import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { timePattern } from '@/core/units/clockForm'
import { textIn } from '@/core/units/shopTime'
import type { Calls } from '@/services/actions'
import { useNow } from '../small/useNow'
import { useTimes } from '../small/useTimes'

const ZONES = ['UTC', ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC')]
const MINUTE_MS = 60_000

/** Whose days and hours the shop goes by, with what the clock shows there now. */
export function ZoneChoice({ save }: { save: Calls['saveShopZone'] }) {
  const { zone, clock } = useTimes()
  const now = useNow(MINUTE_MS)
  const [error, setError] = useState<string | null>(null)
  const choose = async (next: string) => {
    const answer = await save({ zone: next }).catch(() => null)
    if (answer === null)
      setError('Not known whether it is stored, Whyalon does not answer. Choose it again when it does.')
    else setError(answer.ok ? null : Object.values(answer.errors).join(' '))
  }
  return (
    <Autocomplete
      disableClearable
      options={ZONES.includes(zone) ? ZONES : [zone, ...ZONES]}
      value={zone}
      onChange={(_, next) => void choose(next)}
      sx={{ maxWidth: 360, mt: 2 }}
      renderInput={(params) => (
        <TextField
          {...params}
          label="Time zone"
          size="small"
          error={error !== null}
          helperText={error ?? `It is ${textIn(zone, now, `EEEE ${timePattern(clock)}`)} there.`}
          slotProps={{ ...params.slotProps, formHelperText: { suppressHydrationWarning: true } }}
        />
      )}
    />
  )
}
