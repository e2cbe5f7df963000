'use client'
import { useLayoutEffect } from 'react'
import { replayEarlyKeys } from '../keys/earlyKeys'

/**
 * Opens the page to hand and keys once its scripts run. Until then the body is `inert`: a click would do nothing, and
 * a figure typed into a field would stand there without ever having been read. What was typed by then is handed over.
 */
export function Answering() {
  // Before any effect that sets the focus, which what is inert cannot take, and after the layout effects that listen to keys.
  useLayoutEffect(() => {
    document.body.inert = false
    void replayEarlyKeys()
  }, [])
  return null
}
