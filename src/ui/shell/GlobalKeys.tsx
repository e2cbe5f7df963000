'use client'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import Typography from '@mui/material/Typography'
import { usePathname, useRouter } from 'next/navigation'
import { useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { GLOBAL_KEYS, PLACES, TRAY_KEYS } from './places'

/** Keys that work on every page: go to a place, new tray, find, and the help that lists them. */
export function GlobalKeys() {
  const router = useRouter()
  const [helpOpen, setHelpOpen] = useState(false)
  const onTray = /^\/trays\/\d+/.test(usePathname())

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
    <Dialog open={helpOpen} onClose={() => setHelpOpen(false)} aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <KeyList title="Everywhere" keys={GLOBAL_KEYS} />
        {onTray && <KeyList title="On a tray" keys={TRAY_KEYS} />}
      </DialogContent>
    </Dialog>
  )
}

function KeyList({ title, keys }: { title: string; keys: readonly (readonly [string, string])[] }) {
  return (
    <>
      <Typography variant="h3" component="h3" sx={{ mt: 1 }}>
        {title}
      </Typography>
      <dl style={{ display: 'grid', gridTemplateColumns: '7rem 1fr', rowGap: 6, margin: '8px 0' }}>
        {keys.map(([key, does]) => (
          <KeyLine key={key} name={key} does={does} />
        ))}
      </dl>
    </>
  )
}

function KeyLine({ name, does }: { name: string; does: string }) {
  return (
    <>
      <dt className="figure">{name}</dt>
      <dd style={{ margin: 0 }}>{does}</dd>
    </>
  )
}
