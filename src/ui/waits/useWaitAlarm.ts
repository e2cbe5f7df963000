'use client'
import { useEffect } from 'react'
import { sound } from '../sounds/sound'
import { notifyOver } from './waitAlarm'

/** The longest a browser's timer counts, ms. */
const LONGEST_MS = 2_147_483_647

/** Sounds and notifies once when a wait's time is over while a page with it is open. */
export function useWaitAlarm(waits: readonly { readonly title: string; readonly endsAt: string }[]): void {
  const key = waits.map(({ title, endsAt }) => `${endsAt} ${title}`).join('\n')
  useEffect(() => {
    const timers = key.split('\n').flatMap((line) => {
      const at = line.indexOf(' ')
      const inMs = new Date(line.slice(0, at)).getTime() - Date.now()
      if (!(inMs > 0) || inMs > LONGEST_MS) return []
      return [
        setTimeout(() => {
          sound('over')
          notifyOver(line.slice(at + 1))
        }, inMs),
      ]
    })
    return () => timers.forEach(clearTimeout)
  }, [key])
}
