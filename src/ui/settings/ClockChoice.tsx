'use client'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useState } from 'react'
import type { ClockForm } from '@/core/units/clockForm'
import type { Calls } from '@/services/actions'
import { useTimes } from '../small/useTimes'
import { WorkError } from '../stages/shared/WorkError'

/** How the shop writes the time of day, each way by the same afternoon hour. */
export function ClockChoice({ save }: { save: Calls['saveShopClock'] }) {
  const { clock } = useTimes()
  const [error, setError] = useState<string | null>(null)
  const choose = async (next: ClockForm) => {
    const answer = await save({ clock: next }).catch(() => null)
    if (answer === null)
      setError(
        'Time of day: not known whether it is stored, Whyalon does not answer. Choose it again when it does.',
      )
    else setError(answer.ok ? null : Object.values(answer.errors).join(' '))
  }
  return (
    <>
      <ToggleButtonGroup
        exclusive
        value={clock}
        onChange={(_, next: ClockForm | null) => next && void choose(next)}
        aria-label="Time of day"
      >
        <ToggleButton value="24-hour">16:00</ToggleButton>
        <ToggleButton value="12-hour">4:00 PM</ToggleButton>
      </ToggleButtonGroup>
      <WorkError text={error} />
    </>
  )
}
