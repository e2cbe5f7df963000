import { cleanup, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { benchAround } from '../../../../tests/factories/bench'
import { diverFacts, jobFacts } from '../../../../tests/factories/jobFacts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { procedure } from '@/core/procedure/procedure'
import { NO_PLACE, partsTrail } from '@/core/trail/partsTrail'
import type { TrailEvent } from '@/core/trail/partsTrail'
import { HazardList } from './HazardList'
import { MethodsPanel } from '../push-out/MethodsPanel'
import { MovementNote } from '../decase/MovementNote'
import { ReplayPanel } from '../close/ReplayPanel'
import { ShapePanel } from '../measure/ShapePanel'
import { StepList } from './StepList'
import { TrailPanel } from '../decase/TrailPanel'

const AT = '2026-11-24T10:00:00.000Z'
const off = (id: number, part: 'spacer' | 'movement' | 'strap', count: number): TrailEvent => ({
  ...NO_PLACE,
  id,
  at: AT,
  kind: 'off',
  part,
  count,
  size: '',
})
const trailOf = (events: readonly TrailEvent[], over: object = {}) => ({
  lines: partsTrail(events),
  usual: [],
  renews: [],
  undo: null,
  movementOpenSince: null,
  coveredSince: null,
  ...over,
})

describe('StepList', () => {
  it('shows the next step with its reason and check, and ticks it by key and by tap', async () => {
    const work = benchAround(trayViewOf(), 'decase')
    renderInTheme(<StepList {...work} stage="decase" />)
    const user = userEvent.setup()
    expect(screen.getByText(/keyless work jumps/)).toBeInTheDocument()
    await user.keyboard(' ')
    await user.click(screen.getByRole('checkbox', { name: /^Stem out/ }))
    expect(work.asked).toEqual([
      { action: 'tickTray', input: { trayId: 1, subject: 'step:crown-ready', done: true } },
      { action: 'tickTray', input: { trayId: 1, subject: 'step:stem-out', done: true } },
    ])
  })

  it('takes a double click for one, and a tick anew a moment later for what it is', async () => {
    const work = benchAround(trayViewOf(), 'decase')
    renderInTheme(<StepList {...work} stage="decase" />)
    const user = userEvent.setup()
    await user.dblClick(screen.getByRole('checkbox', { name: /^Stem out/ }))
    expect(work.asked).toHaveLength(1)
    await user.click(screen.getByRole('checkbox', { name: /^Crown pushed in/ }))
    expect(work.asked).toHaveLength(2)
  })

  it('folds what is done and says what is refused', async () => {
    const done = ['crown-ready', 'stem-out', 'hold-off'].map((id) => [`step:${id}`, AT] as const)
    const work = benchAround(trayViewOf({ job: { ticks: Object.fromEntries(done) } }), 'decase', () => ({
      ok: false,
      errors: { form: 'This tray was handed back.' },
    }))
    renderInTheme(<StepList {...work} stage="decase" />)
    const user = userEvent.setup()
    expect(screen.getByRole('button', { name: '✓ 3 steps done' })).toBeInTheDocument()
    await user.keyboard(' ')
    expect(await screen.findByText('This tray was handed back.')).toBeInTheDocument()
  })

  it('ticks no step that asks: its key goes to the first answer, and what is needed beside it is asked for', async () => {
    const facts = jobFacts({ asked: ['reseal'], classBar: 10 })
    const ticks = { 'step:functions': AT, 'step:rim-check': AT, 'step:clicks': AT }
    const work = benchAround(trayViewOf({ job: { facts, procedure: procedure(facts), ticks } }), 'prove')
    renderInTheme(<StepList {...work} stage="prove" />)
    const user = userEvent.setup()
    await user.keyboard(' ')
    expect(work.asked).toEqual([])
    expect(screen.getByRole('button', { name: 'tight' })).toHaveFocus()
    await user.keyboard('{Enter}')
    expect(work.asked).toEqual([])
    expect(screen.getByText(/what was read: is empty/)).toBeInTheDocument()
    await user.type(screen.getByRole('textbox', { name: /what was read/ }), '12.5 bar, 0.02 mm')
    await user.click(screen.getByRole('button', { name: 'leaks' }))
    expect(work.asked).toEqual([
      {
        action: 'tickTray',
        input: {
          trayId: 1,
          subject: 'step:pressure-test',
          done: true,
          answer: 'leaks',
          detail: '12.5 bar, 0.02 mm',
        },
      },
    ])
  })

  it('tells beside an open step what was seen that keeps it open', () => {
    const facts = jobFacts({ asked: ['reseal'], classBar: 10 })
    const said = { 'step:pressure-test': { words: 'leaks: 12.5 bar, by 4', good: false, at: AT } }
    const work = benchAround(trayViewOf({ job: { facts, procedure: procedure(facts), said } }), 'prove')
    renderInTheme(<StepList {...work} stage="prove" />)
    expect(screen.getByText(/leaks: 12.5 bar, by 4/)).toBeInTheDocument()
    expect(screen.getByRole('checkbox', { name: /^Pressure test/ })).not.toBeChecked()
  })

  it('offers the other schools where practice leaves a choice, and says where it does not', async () => {
    const sound = diverFacts()
    const work = benchAround(trayViewOf({ job: { facts: sound, procedure: procedure(sound) } }), 'push-out')
    renderInTheme(<StepList {...work} stage="push-out" />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: /^Push the insert out/ }))
    await user.click(screen.getByRole('button', { name: /soaks in acetone/ }))
    expect(work.asked.at(-1)).toMatchObject({
      action: 'chooseSchool',
      input: { school: 'insert-removal', option: 'soak' },
    })
    // Where a crack lets the bath in, the bath is told to be none here, and the blade is left.
    const cracked = diverFacts({ crystalState: 'cracked' })
    // Held by friction nothing dissolves, and no blade comes near ceramic.
    const alone = diverFacts({ insertHold: 'friction', insertMaterial: 'ceramic' })
    for (const facts of [cracked, alone]) {
      cleanup()
      const other = benchAround(trayViewOf({ job: { facts, procedure: procedure(facts) } }), 'push-out')
      renderInTheme(<StepList {...other} stage="push-out" />)
      await user.click(screen.getByRole('button', { name: /^Push the insert out/ }))
      const school = screen.getByTestId('school-insert-removal')
      expect(school).toHaveTextContent(/Not here: bezel stays on, the head’s face soaks in acetone \(/)
      if (facts === cracked) expect(school).toHaveTextContent(/no soak here: the crystal.*thin blade/)
      else expect(school).toHaveTextContent(/No other way here.*thin blade.*ceramic shatters when pried/)
    }
  })
})

describe('HazardList', () => {
  it('keeps a hazard in sight until it is ticked, and a lasting one without a tick', async () => {
    const hazard = (id: 'old-lume' | 'movement-running', dealt: string | null, dealtAt: string | null) => ({
      id,
      label: id,
      advice: 'take care',
      dealt,
      dealtAt,
    })
    const work = benchAround(
      trayViewOf({
        job: {
          allHazards: [hazard('movement-running', 'movement stopped', null), hazard('old-lume', null, null)],
        },
      }),
      'intake',
    )
    renderInTheme(<HazardList {...work} />)
    expect(screen.getAllByRole('button')).toHaveLength(1)
    await userEvent.setup().click(screen.getByRole('button', { name: 'movement stopped' }))
    expect(work.asked[0]).toMatchObject({ input: { subject: 'hazard:movement-running', done: true } })
  })
})

describe('TrailPanel', () => {
  it('records a part by its key with length and place, and undoes', async () => {
    const view = trayViewOf({
      job: { trail: trailOf([off(1, 'strap', 1)], { undo: 'strap or bracelet off' }) },
    })
    const work = benchAround(view, 'decase')
    renderInTheme(<TrailPanel {...work} stage="decase" />)
    const user = userEvent.setup()
    await user.keyboard('{ArrowUp}{ArrowUp}{ArrowRight}s')
    expect(work.asked[0]).toEqual({
      action: 'recordOff',
      input: { trayId: 1, part: 'screw', count: 1, size: 'long', clockHour: 12, photo: null },
    })
    await user.click(screen.getByRole('button', { name: 'at 4' }))
    await user.click(screen.getByRole('button', { name: /^spacer/ }))
    expect(work.asked[1]).toMatchObject({ input: { part: 'spacer', clockHour: 4 } })
    await user.click(screen.getByRole('button', { name: /^Undo: strap/ }))
    expect(work.asked[2]).toMatchObject({ action: 'undoTrail' })
  })

  it('offers what came off before, a line a tap', async () => {
    const usual = [{ part: 'shell-screw', size: 'long', count: 4, clockHour: null, seen: 2, of: 3 }] as const
    const work = benchAround(trayViewOf({ job: { trail: trailOf([], { usual }) } }), 'open')
    renderInTheme(<TrailPanel {...work} stage="open" />)
    await userEvent.setup().click(screen.getByRole('button', { name: /4 long shell screws/ }))
    expect(work.asked[0]).toMatchObject({ input: { part: 'shell-screw', count: 4, size: 'long' } })
  })
})

describe('ReplayPanel', () => {
  it('walks back from the last part, with counts, and wants a reason for what stays off', async () => {
    const view = trayViewOf({ job: { trail: trailOf([off(1, 'spacer', 2), off(2, 'movement', 1)]) } })
    const work = benchAround(view, 'close')
    renderInTheme(<ReplayPanel {...work} />)
    const user = userEvent.setup()
    const lines = screen.getAllByTestId('replay-line')
    expect(lines[0]).toHaveTextContent('movement')
    await user.keyboard('b')
    await user.click(within(lines[1] ?? document.body).getByRole('button', { name: 'one back' }))
    expect(work.asked).toMatchObject([
      { action: 'answerOff', input: { offId: 2, kind: 'back', count: 1 } },
      { action: 'answerOff', input: { offId: 1, kind: 'back', count: 1 } },
    ])
    await user.click(within(lines[1] ?? document.body).getByRole('button', { name: /stays off/ }))
    await user.type(screen.getByLabelText('Why it stays off'), 'perished{Enter}')
    expect(work.asked[2]).toMatchObject({ input: { kind: 'left-off', count: 2, reason: 'perished' } })
  })

  it('shows from Prove on what is still missing, and the rest when asked', async () => {
    const backOn: TrailEvent = { id: 4, at: AT, kind: 'back', offId: 3, count: 2, reason: '' }
    const trail = trailOf([off(1, 'movement', 1), off(2, 'strap', 1), off(3, 'spacer', 2), backOn])
    renderInTheme(<ReplayPanel {...benchAround(trayViewOf({ job: { trail } }), 'prove')} />)
    const shown = () => screen.getAllByTestId('replay-line').map((line) => line.textContent)
    expect(shown()).toHaveLength(2)
    await userEvent.setup().click(screen.getByRole('button', { name: '1 accounted for' }))
    expect(shown()).toHaveLength(3)
    expect(screen.queryByRole('button', { name: /accounted for/ })).toBeNull()
  })

  it('says when nothing is left', () => {
    renderInTheme(<ReplayPanel {...benchAround(trayViewOf(), 'close')} />)
    expect(screen.getByText(/nothing was recorded/)).toBeInTheDocument()
  })
})

describe('MethodsPanel', () => {
  it('blocks with reason and way round, and lets what is heeded start', async () => {
    const facts = diverFacts()
    const trail = trailOf([off(1, 'strap', 1)])
    const open = {
      id: 9,
      trayNumber: 226,
      process: 'flame',
      scope: 'face',
      startedAt: AT,
      own: false,
    } as const
    const blocked = benchAround(
      trayViewOf({ job: { facts, procedure: procedure(facts), trail, bench: [open] } }),
      'push-out',
    )
    const { unmount } = renderInTheme(<MethodsPanel {...blocked} />)
    expect(screen.getByTestId('method-verdict')).toHaveTextContent(
      /blocked.*flame is in use on tray 226.*Way round/,
    )
    expect(screen.getByRole('button', { name: 'Start' })).toBeDisabled()
    unmount()
    const careful = benchAround(
      trayViewOf({ job: { facts, procedure: procedure(facts), trail } }),
      'push-out',
    )
    renderInTheme(<MethodsPanel {...careful} />)
    await userEvent.setup().click(screen.getByRole('button', { name: 'Protected: start' }))
    expect(careful.asked[0]).toMatchObject({
      action: 'startMethod',
      input: { process: 'acetone-bath', scope: 'face', heeded: true },
    })
  })
})

describe('MovementNote', () => {
  it('warns while the movement lies uncovered', () => {
    renderInTheme(
      <MovementNote view={trayViewOf({ job: { trail: trailOf([], { movementOpenSince: AT }) } })} />,
    )
    expect(screen.getByTestId('movement-note')).toHaveTextContent(/NOT under the dust cover yet/)
  })
})

describe('ShapePanel', () => {
  it('shows size and doubt while figures are typed, and keeps them', async () => {
    const work = benchAround(trayViewOf(), 'measure')
    renderInTheme(<ShapePanel {...work} />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: /Crystal gone or in pieces/ }))
    await user.type(screen.getByRole('textbox', { name: 'Chord' }), '18')
    await user.type(screen.getByRole('textbox', { name: 'Sagitta' }), '3,2')
    expect(screen.getByTestId('shape-size')).toHaveTextContent(
      /28.51 ±0\.\d+ chord 18.00, sagitta 3.20, an arc of 78°/,
    )
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(work.asked[0]).toMatchObject({
      action: 'takeShape',
      input: { kind: 'chord', first: '18', second: '3,2' },
    })
    expect(screen.getByRole('textbox', { name: 'Chord' })).toHaveValue('')
  })

  it('keeps what was typed when it is refused', async () => {
    const work = benchAround(trayViewOf(), 'measure', () => ({
      ok: false,
      errors: { shape: 'Instrument: gone.' },
    }))
    renderInTheme(<ShapePanel {...work} />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: /Crystal gone or in pieces/ }))
    await user.click(screen.getByRole('button', { name: 'imprint in the ring' }))
    await user.type(screen.getByRole('textbox', { name: 'Imprint, across' }), '30.02')
    await user.click(screen.getByRole('button', { name: 'Keep' }))
    expect(await screen.findByText('Instrument: gone.')).toBeInTheDocument()
    expect(screen.getByRole('textbox', { name: 'Imprint, across' })).toHaveValue('30.02')
  })
})
