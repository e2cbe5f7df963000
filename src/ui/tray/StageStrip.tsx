'use client'
import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { useEffect, useRef } from 'react'
import type { StageId } from '@/core/stages/stages'
import { STAGES, stageIndex } from '@/core/stages/stages'

export interface StageStripProps {
  /** where the tray is */
  readonly current: StageId
  /** what is being looked at */
  readonly shown: StageId
  readonly onShow: (stage: StageId) => void
}

/** The stages in working order: done ones ticked, the tray's own stage in heavy line. */
export function StageStrip({ current, shown, onShow }: StageStripProps) {
  const now = stageIndex(current)
  const strip = useRef<HTMLElement>(null)
  // On a phone only a few stages are in sight: the one being looked at has to be among them.
  useEffect(() => {
    const [nav, step] = [strip.current, strip.current?.querySelector<HTMLElement>('[aria-current="step"]')]
    if (nav && step)
      nav.scrollLeft = step.offsetLeft - nav.offsetLeft - (nav.clientWidth - step.offsetWidth) / 2
  }, [shown])
  return (
    <Box
      ref={strip}
      component="nav"
      aria-label="Stages"
      sx={{
        display: 'grid',
        gridAutoFlow: 'column',
        gridAutoColumns: 'minmax(68px,1fr)',
        columnGap: '5px',
        overflowX: 'auto',
        pt: 0.25,
      }}
    >
      {STAGES.map(({ id, label }, index) => {
        const state = index < now ? 'done' : index === now ? 'now' : 'ahead'
        return (
          <ButtonBase
            key={id}
            onClick={() => onShow(id)}
            aria-current={id === shown ? 'step' : undefined}
            aria-label={`${label}, ${state === 'now' ? 'the tray is here' : state}`}
            sx={{
              minHeight: 36,
              justifyContent: 'flex-start',
              fontSize: { xs: 13, lg: 13.5 },
              whiteSpace: 'nowrap',
              fontWeight: id === shown ? 700 : 400,
              color: state === 'done' ? 'success.main' : id === shown ? 'primary.main' : 'text.primary',
              bgcolor: id === shown ? 'var(--mui-palette-paper-chosen)' : 'transparent',
              px: { xs: 0.25, lg: 0.75 },
              borderBottom: state === 'now' ? 5 : 2,
              borderColor: state === 'done' ? 'success.main' : state === 'now' ? 'primary.main' : 'divider',
            }}
          >
            {state === 'done' ? '✓ ' : ''}
            {label}
          </ButtonBase>
        )
      })}
    </Box>
  )
}
