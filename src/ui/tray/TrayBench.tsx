'use client'
import Box from '@mui/material/Box'
import type { StageId } from '@/core/stages/stages'
import { isOfCase } from '@/core/readings/dimensions'
import { stageOf } from '@/core/stages/stages'
import type { TrayView } from '@/services/tray/trayView'
import dynamic from 'next/dynamic'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { usePageKeys } from '../keys/usePageKeys'
import { useFigures } from '../keys/figureTakers'
import { RAIL_WIDTH } from '../shell/railWidth'
import { ReadingBar } from './ReadingBar'
import { StageStrip } from './StageStrip'
import { WaitList } from '../stages/shared/WaitList'
import { StageWork } from '../stages/StageWork'
import type { Act } from './trayCalls'
import { AWAY } from './trayAnswer'
import { trayDoor } from './trayDoor'
import { TrayDrawings } from './drawings/TrayDrawings'
import { TrayHeaderBar } from './TrayHeaderBar'
import { useInstrumentFeed } from './useInstrumentFeed'
import { useTrayBench } from './useTrayBench'
import { useUnanswered } from './useUnanswered'

const LeaveDialog = dynamic(() => import('./LeaveDialog').then((m) => m.LeaveDialog), { loading: () => null })
const VoidDialog = dynamic(() => import('./VoidDialog').then((m) => m.VoidDialog), { loading: () => null })

/** A row of the shortlist that was tapped holds the focus: the page's keys stay the page's. */
const ON_ROWS = { enableOnFormTags: ['radio'] as const }

/** Of the places at the foot of a phone, px. */
const PLACES_HEIGHT = 56
/** What the end of the page leaves free for the bar over it. */
const BAR_ROOM = { xs: '330px', sm: '230px' }
/** The pad a finger gets takes two rows more. */
const BAR_AND_PAD_ROOM = { xs: '440px', sm: '340px' }

export interface TrayBenchProps {
  readonly initial: TrayView
  /** the stage to show first */
  readonly stage: StageId
  /** the server's door */
  readonly act: Act
}

/** The page of one tray: header, stages, drawings, the stage's work, and the reading bar along the bottom. */
export function TrayBench({ initial, stage, act }: TrayBenchProps) {
  const [away, setAway] = useState(false)
  const [door] = useState(() => trayDoor(initial, act, setAway))
  const { actions } = door
  const { bench, bar, dispatch } = useTrayBench(initial, stage, actions)
  useLayoutEffect(() => door.shows(bench.state.view, (view) => dispatch({ type: 'view-came', view })))
  useUnanswered(bar.session, dispatch, door)
  const { state, target } = bench
  const { view } = state
  const { session } = bar
  const open = view.tray.finishedAt === null
  // Of what was just fitted here.
  const asksHeight = target !== null && !isOfCase(target.dimension)
  const reads = stageOf(state.stage).reads || asksHeight || session.text !== ''

  // A reason is typed the moment it is asked for: its dialog must not have to be fetched first.
  useEffect(() => void import('./LeaveDialog'), [])
  // Where the page scrolls as a whole, a stage begins at its top, not where the one before was left.
  const shown = useRef(state.stage)
  useEffect(() => {
    if (shown.current === state.stage) return
    shown.current = state.stage
    window.scrollTo({ top: 0 })
  }, [state.stage])
  useFigures(open && !bench.keysRest, {
    onFigure: bar.typeFigure,
    onBackspace: () => bench.startVoid(),
    onEnter: bar.accept,
  })
  // Off from the moment a dialog is asked for: what is typed while it loads must not move the tray.
  const enabled = !bench.keysRest
  const inMatch = enabled && state.stage === 'match'
  usePageKeys('[', () => bench.turnStage(-1), { ...ON_ROWS, useKey: true, enabled })
  usePageKeys(']', () => bench.turnStage(1), { ...ON_ROWS, useKey: true, enabled })
  usePageKeys('p', () => bench.pick(), { ...ON_ROWS, enabled: inMatch })
  // The key that opens a dialog must not be the first letter in it.
  usePageKeys('d', () => bench.moveOn(), { ...ON_ROWS, enabled: enabled && open, preventDefault: true })
  usePageKeys('i', () => bar.setFeed(bar.feed === 'simulated' ? null : 'simulated'), {
    ...ON_ROWS,
    enabled,
  })
  usePageKeys('up', () => bench.chooseBy(-1), { ...ON_ROWS, preventDefault: true, enabled: inMatch })
  usePageKeys('down', () => bench.chooseBy(1), { ...ON_ROWS, preventDefault: true, enabled: inMatch })
  useInstrumentFeed({
    source: open && session.question === null && !state.busy ? bar.feed : null,
    trayId: view.tray.id,
    target,
    onLine: bar.receive,
    onTrouble: bench.trouble,
  })

  return (
    <Box
      component="main"
      sx={{
        display: 'grid',
        gridTemplateRows: 'auto 1fr auto',
        gridTemplateColumns: 'minmax(0,1fr)',
        minHeight: '100vh',
        height: { md: '100vh' },
        pb: { xs: reads && open ? BAR_ROOM.xs : 8, sm: open ? BAR_ROOM.sm : 0, md: 0 },
        '@media (pointer: coarse)': {
          pb: {
            xs: reads && open ? BAR_AND_PAD_ROOM.xs : 8,
            sm: open ? BAR_AND_PAD_ROOM.sm : 0,
            md: 0,
          },
        },
      }}
    >
      <Box sx={{ px: 2.5, pt: 1 }}>
        <TrayHeaderBar view={view} />
        {away && !(open && reads) && (
          <Box
            role="alert"
            // Where there is a reading bar, it says so.
            sx={{ display: { sm: open ? 'none' : 'block' }, color: 'error.main', fontWeight: 700, mb: 0.5 }}
          >
            {AWAY}
          </Box>
        )}
        <StageStrip
          states={view.job.stages}
          current={view.tray.stage}
          shown={state.stage}
          onShow={bench.showStage}
        />
      </Box>
      <Box
        sx={{
          display: 'grid',
          minHeight: 0,
          gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,46fr) minmax(0,54fr)' },
        }}
      >
        <Box
          sx={{
            pl: 2.5,
            pr: 2,
            pt: 1,
            minHeight: 0,
            overflowY: { md: 'auto' },
            borderRight: { md: 1 },
            borderColor: { md: 'divider' },
          }}
        >
          <TrayDrawings bench={bench} />
        </Box>
        <Box
          // Each stage begins at its top, not where the one before was scrolled to.
          key={bench.state.stage}
          sx={{
            px: 2.5,
            pt: 1,
            pb: 1.5,
            minHeight: 0,
            overflowY: { md: 'auto' },
            // On a phone the stage's work comes before the drawings, except where readings land on them.
            order: { xs: reads ? 0 : -1, md: 0 },
          }}
          tabIndex={-1}
        >
          <WaitList bench={bench} actions={actions} />
          <StageWork bench={bench} actions={actions} />
        </Box>
      </Box>
      {open && (
        <Box
          sx={{
            display: { xs: reads ? 'block' : 'none', sm: 'block' },
            // Where the page scrolls as a whole, the bar stays in sight: above a phone's places, at the foot when zoomed.
            position: { xs: 'fixed', md: 'static' },
            left: { xs: 0, sm: RAIL_WIDTH },
            right: 0,
            bottom: { xs: PLACES_HEIGHT, sm: 0 },
            zIndex: 4,
          }}
        >
          <ReadingBar
            view={view}
            target={target}
            instrumentId={bar.instrumentId}
            text={session.text}
            sending={session.sending && [session.sending, ...session.waiting].join(', ')}
            question={session.question}
            error={away ? AWAY : session.error}
            note={session.note}
            busy={session.busy}
            flash={session.flash}
            feed={bar.feed}
            inputRef={bar.inputRef}
            onText={bar.type}
            onPadKey={bar.padKey}
            onPadDelete={bar.padDelete}
            onAccept={bar.accept}
            onAnswer={bar.answer}
            onVoid={() => bench.startVoid()}
            onFeed={bar.setFeed}
            onInstrument={bar.chooseInstrument}
          />
        </Box>
      )}
      {bench.leaving && (
        <LeaveDialog
          stage={state.stage}
          open={bench.leaving}
          onClose={bench.stay}
          onReason={bench.leaveFor}
        />
      )}
      {bench.voiding && (
        <VoidDialog
          key={bench.voiding.id}
          reading={bench.voiding}
          onClose={bench.cancelVoid}
          onVoid={bench.finishVoid}
        />
      )}
    </Box>
  )
}
