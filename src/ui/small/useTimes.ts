'use client'
import { createContext, useContext } from 'react'
import { USUAL_CLOCK } from '@/core/units/clockForm'
import type { ShopTime } from '@/core/units/shopTime'
import { dayIn } from '@/core/units/shopTime'
import { dayText, dueText } from './dueText'
import { clockText } from './timeText'

/** How the shop writes times, and whose days it goes by; the frame of every page gives it. */
export const ShopTimes = createContext<ShopTime>({ clock: USUAL_CLOCK, zone: 'UTC' })

/** Times as this shop writes them. */
export function useTimes() {
  const time = useContext(ShopTimes)
  return {
    ...time,
    clockText: (iso: string, now?: Date) => clockText(iso, time, now),
    dueText: (iso: string) => dueText(iso, time),
    dayText: (iso: string) => dayText(iso, time),
    today: () => dayIn(time.zone, new Date()),
  }
}
