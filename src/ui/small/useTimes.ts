'use client'
import { createContext, useContext } from 'react'
import type { ClockForm } from '@/core/units/clockForm'
import { USUAL_CLOCK } from '@/core/units/clockForm'
import { dueText } from './dueText'
import { clockText } from './timeText'

/** How the shop writes the time of day; the frame of every page gives it. */
export const ShopClock = createContext<ClockForm>(USUAL_CLOCK)

/** Times as this shop writes them. */
export function useTimes() {
  const clock = useContext(ShopClock)
  return {
    clock,
    clockText: (iso: string, now?: Date) => clockText(iso, clock, now),
    dueText: (iso: string) => dueText(iso, clock),
  }
}
