'use client'
import Box from '@mui/material/Box'
import ButtonBase from '@mui/material/ButtonBase'
import { useEffect, useRef } from 'react'
import type { StageId } from '@/core/stages/stages'
import { stageIndex, stageLabel } from '@/core/stages/stages'
import type { StageState } from '@/core/stages/StageState'
import { openOf } from '@/core/stages/StageState'
import { isOfOtherFigures } from '@/core/stages/onOtherFigures'

export interface StageStripProps {
  readonly states: readonly StageState[]
  /** where the tray is */
  readonly current: StageId
  /** what is being looked at */
  readonly shown: StageId
  readonly onShow: (stage: StageId) => void
}

/**
 * The stages this job needs, in working order: ticked is what was done, struck through what was left out for a reason
 * (with its count where the rest was done), counted what was gone past with something open; the tray's own stage in heavy line.
 */
export function StageStrip({ states, current, shown, onShow }: StageStripProps) {
  const strip = useRef<HTMLElement>(null)
  // On a phone only a few stages are in sight: the one being looked at has to be among them.
  useEffect(() => {
    const [nav, step] = [strip.current, strip.current?.querySelector<HTMLElement>('[aria-current="step"]')]
    if (nav && step)
      nav.scrollLeft = step.offsetLeft - nav.offsetLeft - (nav.clientWidth - step.offsetWidth) / 2
  }, [shown])
  const needed = states.filter(
    ({ stage, standing }) => standing !== 'not-needed' || stage === current || stage === shown,
  )
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
      {needed.map((state) => (
        <StageTab
          key={state.stage}
          state={state}
          look={lookOf(state, current)}
          isShown={state.stage === shown}
          onShow={() => onShow(state.stage)}
        />
      ))}
    </Box>
  )
}

interface StageLook {
  readonly mark: string
  readonly words: string
  readonly color: string
  readonly line: string
  readonly struck: boolean
}

/** What a stage shows of itself: a tick is a claim, so it is made only where everything was done. */
function lookOf(state: StageState, current: StageId): StageLook {
  const { stage, standing } = state
  if (stage === current)
    return { mark: '', words: 'the tray is here', color: 'text.primary', line: 'primary.main', struck: false }
  if (standing === 'done')
    return { mark: '✓', words: 'done', color: 'success.main', line: 'success.main', struck: false }
  if (standing === 'left-out') {
    const left = state.demands.filter(({ leftOut }) => leftOut !== null).length
    const struck = left === state.demands.length
    return {
      mark: struck ? '' : `−${left}`,
      words: leftOutWords(state),
      color: 'text.secondary',
      line: 'divider',
      struck,
    }
  }
  if (standing === 'not-needed')
    return { mark: '', words: 'not needed', color: 'text.secondary', line: 'divider', struck: false }
  if (stageIndex(stage) > stageIndex(current))
    return { mark: '', words: 'ahead', color: 'text.primary', line: 'divider', struck: false }
  const open = openOf(state)
  // Done, but on figures that are others now: not the same as something nobody did.
  const onOthers = open.every(isOfOtherFigures)
  return {
    mark: onOthers ? '≠' : String(open.length),
    words: onOthers ? open.map((demand) => demand.open).join('; ') : `${open.length} open`,
    color: 'warning.main',
    line: 'warning.main',
    struck: false,
  }
}

function leftOutWords({ demands }: StageState): string {
  const reasons = demands.flatMap(({ leftOut }) => (leftOut ? [leftOut.reason] : []))
  return `left out: ${[...new Set(reasons)].join('; ')}`
}

interface StageTabProps {
  readonly state: StageState
  readonly look: StageLook
  readonly isShown: boolean
  readonly onShow: () => void
}

function StageTab({ state: { stage }, look, isShown, onShow }: StageTabProps) {
  const label = stageLabel(stage)
  return (
    <ButtonBase
      onClick={onShow}
      aria-current={isShown ? 'step' : undefined}
      aria-label={`${label}, ${look.words}`}
      title={look.words}
      sx={{
        minHeight: 36,
        justifyContent: 'flex-start',
        fontSize: { xs: 13, lg: 13.5 },
        whiteSpace: 'nowrap',
        fontWeight: isShown ? 700 : 400,
        color: isShown && look.mark === '' ? 'primary.main' : look.color,
        bgcolor: isShown ? 'var(--mui-palette-paper-chosen)' : 'transparent',
        px: { xs: 0.25, lg: 0.75 },
        borderBottom: look.words === 'the tray is here' ? 5 : 2,
        borderColor: look.line,
        textDecoration: look.struck ? 'line-through' : 'none',
      }}
    >
      {look.mark && <span className="figure">{look.mark}&nbsp;</span>}
      {label}
    </ButtonBase>
  )
}
