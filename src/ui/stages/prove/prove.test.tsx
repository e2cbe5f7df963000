import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { benchAround } from '../../../../tests/factories/bench'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { trayViewOf } from '../../../../tests/factories/trayView'
import type { DryPlot } from '@/core/dry-test/dryPlot'
import { MOST_DRY_CSV } from '@/core/dry-test/DryTrace'
import { dryTestFields } from '@/core/records/dryTestFields'
import { runningFields } from '@/core/records/runningFields'
import type { DryTestShown, DryTestView, LeakPlaceView } from '@/services/tray/dryTestView'
import { LeakNote } from '../shared/LeakNote'
import { DryTestPanel } from './dry/DryTestPanel'
import { RunningPanel } from './RunningPanel'

const AT = '2026-11-24T10:00:00.000Z'
const TESTERS = [{ id: 4, name: 'Bell', mode: 'overpressure' as const }]
const PLOT: DryPlot = {
  shown: [0, 60, 120].map((t) => [t, 8 - t / 100]),
  fit: [
    [0, 8],
    [120, 6.8],
  ],
  atLimit: [
    [0, 8],
    [120, 7.8],
  ],
  off: [
    [0, 0.01],
    [120, -0.01],
  ],
  judgedForS: 120,
  limitUgPerMin: 50,
}
const LEAKS: DryTestShown = {
  id: 1,
  words: 'leaks: 420 µg/min of air, at most 50 allowed',
  verdict: 'fail',
  isTight: false,
  notes: ['Tested at 10.0 bar, not at 25 bar.'],
  figures: [{ what: 'Leak', is: '420 µg/min of air' }],
  drift: 'Drift of this tester: 1 blank run, it takes 3.',
  gains: 'With the drift known this record would see a leak of 4 µg/min at best, enough.',
  plot: PLOT,
  simulated: false,
  at: AT,
}
const CROWN: LeakPlaceView = {
  place: 'crown',
  label: 'Crown and tube',
  share: '55 %',
  part: 0.55,
  because: ['its seal was not renewed here'],
  test: 'Grease it and test once more.',
  stage: 'close',
  stageLabel: 'Close',
  against: null,
}
const dryTest = (over: Partial<DryTestView> = {}): DryTestView => ({
  pressure: '5 bar',
  crystal: null,
  testers: TESTERS,
  fields: dryTestFields(TESTERS),
  initial: { testerId: '4', pressureBar: 5, airCm3: 1.5, temperatureC: 21 },
  notYet: null,
  last: null,
  places: [],
  looked: [],
  tests: 0,
  ...over,
})
const viewOf = (over: Partial<DryTestView>) => ({ ...trayViewOf({}), dryTest: dryTest(over) })

describe('DryTestPanel', () => {
  it('tells at which pressure before anything was recorded, and sends what the file holds', async () => {
    const work = benchAround(viewOf({}), 'prove')
    renderInTheme(<DryTestPanel {...work} />)
    expect(screen.getByText(/This piece is tested at 5 bar/)).toBeInTheDocument()
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Record a test' }))
    const chooser = () => screen.getByLabelText('Choose the file', { selector: 'input' })
    await user.upload(chooser(), new File(['5'.repeat(MOST_DRY_CSV + 1)], 'year.csv', { type: 'text/csv' }))
    expect(screen.getByRole('alert')).toHaveTextContent(/longer than 600 kB/)
    const text = 'time_s,deformation_um\n0,5'
    // A browser's files tell their text; those of the test's have to be told to.
    const file = Object.assign(new File([text], 'tester.csv', { type: 'text/csv' }), {
      text: () => Promise.resolve(text),
    })
    await user.upload(chooser(), file)
    expect(await screen.findByText('tester.csv')).toBeInTheDocument()
    await user.click(screen.getByRole('button', { name: 'Keep the record' }))
    expect(work.asked).toEqual([
      {
        action: 'keepDryRecord',
        input: expect.objectContaining({ source: 'file', text }) as object,
      },
    ])
  })

  it('keeps what was typed where the file is refused, and asks which test where it holds several', async () => {
    const answers = [
      { ok: false as const, errors: { file: 'No column of time: name it time_s.' } },
      { ok: false as const, errors: { which: 'The file holds 2 tests.' } },
    ]
    const work = benchAround(viewOf({}), 'prove', () => answers.shift() ?? { ok: false, errors: {} })
    renderInTheme(<DryTestPanel {...work} />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Record a test' }))
    const air = screen.getByRole('textbox', { name: /^Air inside/ })
    await user.clear(air)
    await user.type(air, '2.5')
    expect(screen.queryByRole('textbox', { name: 'Which test' })).toBeNull()
    await user.click(screen.getByRole('button', { name: 'Keep the record' }))
    expect(await screen.findByText('No column of time: name it time_s.')).toBeInTheDocument()
    await user.click(screen.getByRole('button', { name: 'Keep the record' }))
    expect(await screen.findByRole('textbox', { name: 'Which test' })).toBeInTheDocument()
    expect(screen.getByText('The file holds 2 tests.')).toBeInTheDocument()
    expect(air).toHaveValue('2.5')
  })

  it('shows what was found with its plot, and leads back for a leak with the reason', async () => {
    const work = benchAround(viewOf({ last: LEAKS, places: [CROWN] }), 'prove')
    renderInTheme(<DryTestPanel {...work} />)
    expect(screen.getByText('Leaks: 420 µg/min of air, at most 50 allowed')).toBeInTheDocument()
    expect(screen.getByRole('img', { name: /120 s of pressure: 3 samples/ })).toBeInTheDocument()
    expect(screen.getByText(/With the drift known/)).toBeInTheDocument()
    const places = screen.getByRole('region', { name: 'Where it may leak' })
    expect(places).toHaveTextContent('Because its seal was not renewed here.')
    const user = userEvent.setup()
    await user.click(within(places).getByRole('button', { name: 'Back to Close, for the crown and tube' }))
    await user.type(screen.getByRole('textbox', { name: 'Reason' }), 'changed when greased{Enter}')
    expect(work.asked).toEqual([
      { action: 'lookForLeak', input: { trayId: 1, place: 'crown', reason: 'changed when greased' } },
    ])
  })

  it('says at the stage it led back to why, until the case is tested again', () => {
    const looked = { words: 'Looked for at the crown: “greased”', stage: 'close' as const, at: AT }
    const { unmount } = renderInTheme(
      <LeakNote {...benchAround(viewOf({ looked: [{ ...looked, isOpen: true }] }), 'close')} />,
    )
    expect(screen.getByRole('note')).toHaveTextContent(/Looked for at the crown/)
    unmount()
    renderInTheme(<LeakNote {...benchAround(viewOf({ looked: [{ ...looked, isOpen: false }] }), 'close')} />)
    expect(screen.queryByRole('note')).toBeNull()
  })
})

describe('RunningPanel', () => {
  it('shows the rate, and keeps what a timing machine shows', async () => {
    const standing = {
      words: 'gains 7.1 ±1.4 s a day by the clock',
      notes: [],
      isRight: true,
      since: null,
      at: AT,
    }
    const running = { fields: runningFields('mechanical'), standing, notYet: null }
    const work = benchAround({ ...trayViewOf({}), running }, 'prove')
    renderInTheme(<RunningPanel {...work} />)
    expect(screen.getByText('✓ Gains 7.1 ±1.4 s a day by the clock')).toBeInTheDocument()
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Compare its running' }))
    await user.click(screen.getByRole('combobox', { name: 'Compared with' }))
    await user.click(screen.getByRole('option', { name: 'a timing machine' }))
    await user.type(screen.getByRole('textbox', { name: /^Rate/ }), '4')
    await user.click(screen.getByRole('button', { name: 'Keep how it runs' }))
    expect(work.asked).toEqual([
      {
        action: 'noteRunning',
        input: {
          trayId: 1,
          fields: expect.objectContaining({ by: 'machine', position: 'dial-up', rateSPerDay: '4' }) as object,
        },
      },
    ])
  })
})
