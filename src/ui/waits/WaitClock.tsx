'use client'
import type { Wait } from '@/core/waits/waits'
import { minutesLeft } from '@/core/waits/waits'
import { minutesText } from '@/core/units/minutesText'
import { useTimes } from '../small/useTimes'
import { useNow } from '../small/useNow'

/** Often enough that a minute is never told late by more than this, ms. */
const LOOK_EVERY_MS = 5000

/** “18 min left, until 14:20”, or since when its time is over. */
export function WaitClock({ wait }: { wait: Pick<Wait, 'endsAt'> & Partial<Pick<Wait, 'opensUntil'>> }) {
  const { clockText } = useTimes()
  const now = useNow(LOOK_EVERY_MS)
  const left = minutesLeft(wait, now)
  const { opensUntil = null } = wait
  const turns = opensUntil !== null && now.getTime() < new Date(opensUntil).getTime()
  return (
    <>
      <span
        suppressHydrationWarning
        style={{
          whiteSpace: 'nowrap',
          color: left === 0 ? 'var(--mui-palette-success-main)' : undefined,
        }}
      >
        {left > 0
          ? `${minutesText(left)} left, until ${clockText(wait.endsAt, now)}`
          : `its time is over since ${clockText(wait.endsAt, now)}`}
      </span>
      {turns && (
        <strong suppressHydrationWarning>
          {' '}
          Still turns until {clockText(opensUntil, now)}: set it true now, then leave it.
        </strong>
      )}
    </>
  )
}
