'use client'
import dynamic from 'next/dynamic'
import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { usePageKeys } from '../keys/usePageKeys'
import { addressOf } from '@/core/stock/scanCode'
import { useScan } from '../keys/scans'
import { useKeyOwner } from '../keys/useKeyOwner'
import { PLACES } from './places'

const KeysDialog = dynamic(() => import('./KeysDialog').then((m) => m.KeysDialog), { loading: () => null })
const KeysNotice = dynamic(() => import('./KeysNotice').then((m) => m.KeysNotice), {
  loading: () => null,
})

const MOST_SHOWN = 40

function shown(line: string): string {
  return line.length > MOST_SHOWN ? `${line.slice(0, MOST_SHOWN)}…` : line
}

/** What a device sent that is neither a figure nor a label of ours. */
function unknownLine(line: string): string {
  return `“${shown(line)}” not taken: no figure, and no label printed here. Into a field it goes by tapping the field first.`
}

function unknownLabel(line: string): string {
  return `The label “${shown(line)}” stands for no tray, drawer or part. Scan one printed under Labels in the drawers.`
}

function notTaken(figure: string, onTray: boolean): string {
  const why = onTray ? 'this tray takes none now. Close its dialog, or reopen it.' : 'no tray open.'
  return `${figure} not taken: ${why}`
}

/** Keys that work on every page: go to a place, new tray, find, and the help that lists them. */
export function GlobalKeys() {
  const router = useRouter()
  const [helpOpen, setHelpOpen] = useState(false)
  const [notice, setNotice] = useState<string | null>(null)
  const onTray = /^\/trays\/\d+/.test(usePathname())

  useKeyOwner({
    onUnknownLabel: (line) => setNotice(unknownLabel(line)),
    onUnknownLine: (line) => setNotice(unknownLine(line)),
    onStrayFigure: (figure) => setNotice(notTaken(figure, onTray)),
  })
  useScan((target) => {
    setNotice(null)
    router.push(addressOf(target))
    return true
  }, 'last')
  usePageKeys(
    PLACES.map(({ key }) => `g>${key}`),
    (_, { keys }) => {
      const place = PLACES.find(({ key }) => keys?.includes(key))
      if (place) router.push(place.href)
    },
    { sequenceTimeoutMs: 1500 },
  )
  usePageKeys('n', () => router.push('/trays/new'))
  usePageKeys('/', () => router.push('/trays?find'), { useKey: true, preventDefault: true })
  usePageKeys('?', () => setHelpOpen(true), { useKey: true, ignoreModifiers: true })

  return (
    <>
      {helpOpen && <KeysDialog onTray={onTray} onClose={() => setHelpOpen(false)} />}
      {notice !== null && <KeysNotice key={notice} text={notice} onGone={() => setNotice(null)} />}
    </>
  )
}
