'use client'
import Box from '@mui/material/Box'
import Button from '@mui/material/Button'
import dynamic from 'next/dynamic'
import { startTransition, useState } from 'react'
import { OWN_PARTS } from '@/core/own-parts/OwnPart'
import type { OwnPart } from '@/core/own-parts/ownParts'
import { isCrystalWork } from '@/core/readings/readingPlan'
import type { TrayView } from '@/services/tray/trayView'
import { UpgradesButton } from './UpgradesButton'
import { TrayVerdict } from '../measure/TrayVerdict'
import { GoOn } from '../shared/GoOn'
import { PartsOutNote } from '../shared/PartsOutNote'
import { OwnPartsPanel } from '../shared/OwnPartsPanel'
import { Shortlist } from './Shortlist'
import type { StageWorkProps } from '../StageWorkProps'

// Without a placeholder, like the stages: changed in a transition, so that the page goes on taking keys.
const BezelPartsPanel = dynamic(() => import('./BezelPartsPanel').then((m) => m.BezelPartsPanel))
const SealsPanel = dynamic(() => import('../close/SealsPanel').then((m) => m.SealsPanel))

type Matched = 'crystal' | 'bezel' | 'seals'

/** Choosing parts: the crystal with its ring, bezel and insert, the other seals; what was asked for comes first. */
export function MatchWork({ bench, actions }: StageWorkProps) {
  const { view, busy } = bench.state
  const parts = partsOf(view)
  const [part, setPart] = useState<Matched>(parts[0]?.id ?? 'crystal')
  return (
    <>
      {parts.length > 1 && (
        <Box role="group" aria-label="Part to match" sx={{ display: 'flex', gap: 0.5, mb: 0.5 }}>
          {parts.map(({ id, label }) => (
            <Button
              key={id}
              variant={id === part ? 'contained' : 'text'}
              size="small"
              aria-pressed={id === part}
              onClick={() => startTransition(() => setPart(id))}
              sx={{ minHeight: 28, py: 0 }}
            >
              {label}
            </Button>
          ))}
        </Box>
      )}
      {part === 'crystal' && (
        <>
          <TrayVerdict bench={bench} actions={actions} />
          <OwnPartsPanel bench={bench} actions={actions} only={goesWithCrystal} title={null} />
          <Shortlist
            view={view}
            chosen={bench.chosen}
            other={bench.state.other}
            bezelRingId={bench.bezelRingId}
            busy={busy}
            onChoose={bench.choose}
            onChooseBezelRing={bench.chooseBezelRing}
            onPick={bench.pick}
          />
          {view.shortlist && <UpgradesButton bench={bench} actions={actions} />}
        </>
      )}
      {part === 'bezel' && (
        <>
          <OwnPartsPanel bench={bench} actions={actions} only={isOfBezel} title={null} />
          <BezelPartsPanel bench={bench} actions={actions} />
        </>
      )}
      {part === 'seals' && <SealsPanel bench={bench} actions={actions} />}
      <PartsOutNote bench={bench} actions={actions} />
      {!bench.awaits('pick') && <GoOn bench={bench} actions={actions} />}
    </>
  )
}

/** What nobody wants new and could still go back: the rest only takes room from the choices. */
function goesWithCrystal({ id, wanted, mayStill }: OwnPart): boolean {
  return OWN_PARTS[id].goes === 'picked' && wanted && mayStill
}

function isOfBezel({ id }: OwnPart): boolean {
  return OWN_PARTS[id].goes === 'when-said'
}

function partsOf(view: TrayView): { id: Matched; label: string }[] {
  const { bezelWork, seals, sheet, tray } = view
  const crystal = { id: 'crystal', label: 'Crystal' } as const
  const worked = isCrystalWork({
    crystalState: tray.crystalState,
    asked: tray.asked,
    retention: sheet.retention,
  })
  const bezel = [
    bezelWork?.bezel && 'bezel',
    bezelWork?.insert && 'insert',
    bezelWork?.chapterRing && 'chapter ring',
  ].filter((name) => typeof name === 'string')
  return [
    ...(worked ? [crystal] : []),
    ...(bezel.length === 0 ? [] : [{ id: 'bezel' as const, label: listed(bezel) }]),
    ...(seals.length > 0
      ? [{ id: 'seals' as const, label: sheet.backSeal === 'none' ? 'Crown seal' : 'Seals' }]
      : []),
    ...(worked ? [] : [crystal]),
  ]
}

/** “Bezel, insert and chapter ring”. */
function listed(names: readonly string[]): string {
  const text = [names.slice(0, -1).join(', '), ...names.slice(-1)].filter(Boolean).join(' and ')
  return text.charAt(0).toUpperCase() + text.slice(1)
}
