'use client'
import dynamic from 'next/dynamic'
import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { addressOf } from '@/core/stock/scanCode'
import { PLACES } from './places'
import { useScan, useScanner } from './useScan'

const KeysDialog = dynamic(() => import('./KeysDialog').then((m) => m.KeysDialog), { loading: () => null })
const UnknownLabel = dynamic(() => import('./UnknownLabel').then((m) => m.UnknownLabel), {
  loading: () => null,
})

/** Keys that work on every page: go to a place, new tray, find, and the help that lists them. */
export function GlobalKeys() {
  const router = useRouter()
  const [helpOpen, setHelpOpen] = useState(false)
  const [unknownLabel, setUnknownLabel] = useState<string | null>(null)
  const onTray = /^\/trays\/\d+/.test(usePathname())

  useScanner(setUnknownLabel)
  useScan((target) => {
    setUnknownLabel(null)
    router.push(addressOf(target))
    return true
  }, 'last')
  useHotkeys(
    PLACES.map(({ key }) => `g>${key}`),
    (_, { keys }) => {
      const place = PLACES.find(({ key }) => keys?.includes(key))
      if (place) router.push(place.href)
    },
    { sequenceTimeoutMs: 1500 },
  )
  useHotkeys('n', () => router.push('/trays/new'))
  useHotkeys('/', () => router.push('/trays?find'), { useKey: true, preventDefault: true })
  useHotkeys('?', () => setHelpOpen(true), { useKey: true, ignoreModifiers: true })

  return (
    <>
      {helpOpen && <KeysDialog onTray={onTray} onClose={() => setHelpOpen(false)} />}
      {unknownLabel !== null && (
        <UnknownLabel key={unknownLabel} line={unknownLabel} onGone={() => setUnknownLabel(null)} />
      )}
    </>
  )
}
