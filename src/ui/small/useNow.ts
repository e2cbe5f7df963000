'use client'
import { useEffect, useState } from 'react'

/** The time, kept up while the page is open. @param everyMs - how often it is looked at */
export function useNow(everyMs: number): Date {
  const [now, setNow] = useState(() => new Date())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), everyMs)
    return () => clearInterval(timer)
  }, [everyMs])
  return now
}
