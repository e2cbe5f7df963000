'use client'
import Button from '@mui/material/Button'
import { useSyncExternalStore } from 'react'

const changed = new Set<() => void>()

function subscribe(listener: () => void): () => void {
  changed.add(listener)
  return () => changed.delete(listener)
}

function permission(): NotificationPermission {
  return typeof Notification === 'undefined' ? 'denied' : Notification.permission
}

/** Asks once whether the browser may tell outside the page when a wait is over; gone as soon as that was answered. */
export function NoticesButton() {
  const may = useSyncExternalStore(subscribe, permission, () => 'denied')
  if (may !== 'default') return null
  const ask = async () => {
    await Notification.requestPermission()
    for (const listener of changed) listener()
  }
  return (
    <Button size="small" onClick={() => void ask()} sx={{ minHeight: 36, px: 0.5 }}>
      Tell me outside this page when a wait is over
    </Button>
  )
}
