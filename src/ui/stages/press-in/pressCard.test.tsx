import { DIE_POLICY } from '@/core/dies/diePolicy'
import { jest } from '@jest/globals'
import { cleanup, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { die, stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { pressInPusher, pressInSupport } from '@/core/dies/pressInDies'
import type { Die } from '@/core/dies/Die'
import { asPlanned } from '@/core/press/plan/crystalInWork'
import { pressPlan } from '@/core/press/plan/pressPlan'
import { whichPress } from '@/core/press/plan/whichPress'
import type { PressRunView } from '@/services/tray/pressRunView'
import { pressAsked, pressCase } from '../../../../tests/factories/pressCase'
import type { PressCard } from '@/services/tray/pressCard'
import { PressCardPanel } from './PressCardPanel'

const CRYSTAL = stockCrystal()
const DIES: readonly Die[] = [
  die(),
  die({ id: 2, code: 'P24', outerDiameterMm: 24 }),
  die({ id: 3, code: 'S32', role: 'support', outerDiameterMm: 36, openingMm: 32, recessDepthMm: 7 }),
]

const PRESSES = [
  { id: 1, name: 'Lever press', kind: 'lever', gauged: false, mostForceN: null },
  { id: 2, name: 'Screw press', kind: 'screw', gauged: true, mostForceN: null },
] as const

/** The card of a picked pair: dies and steps are what the models make of these dies. */
function card(over: Partial<PressCard> = {}, dies: readonly Die[] = DIES): PressCard {
  const pusher = pressInPusher(dies, { diameterMm: CRYSTAL.diameterMm, topRiseMm: 0 }, DIE_POLICY)
  const support = pressInSupport(dies, { boreMm: 30.95, caseDiameterMm: 38, lies: 'case' }, DIE_POLICY)
  const planned = asPlanned({ pusher, support }, pressCase().sheet)
  const plan = (press: (typeof PRESSES)[number]) =>
    pressPlan(pressCase({ dies }), 'crystal-in', pressAsked({ press, crystalDies: planned }))
  return {
    notYet: null,
    pickId: 1,
    pickedAt: '2026-11-24T10:00:00.000Z',
    crystal: CRYSTAL,
    gasket: stockGasket(),
    bezelGasket: null,
    evidence: {
      formatVersion: 2,
      held: 'ring',
      figures: {},
      hold: 'Squeeze 5.0 %',
      rimMm: 0,
      verdict: null,
      handClearanceMm: null,
      fitProbability: 0.93,
      probability: 0.9,
      reasons: [],
      readingIds: [],
    },
    againstNow: [],
    pusher,
    support,
    toMake: [],
    plans: Object.fromEntries(PRESSES.map((press) => [press.id, plan(press)])),
    advice: whichPress('crystal-in', PRESSES),
    runs: [],
    lays: {},
    lessons: [],
    force: null,
    forceRestsOn: '',
    ...over,
  }
}

function panel(press: PressCard | null) {
  const logPressRun = jest.fn((sent: unknown) => {
    void sent
    return Promise.resolve({ ok: false as const, errors: { outcome: 'Outcome is missing: fill it in.' } })
  })
  renderInTheme(
    <PressCardPanel
      view={{ ...trayViewOf(), press, presses: PRESSES, dies: DIES }}
      logPressRun={logPressRun}
      onLogged={jest.fn()}
    />,
  )
  return logPressRun
}

describe('PressCardPanel', () => {
  it('asks for a pick before it plans anything', () => {
    panel(null)
    expect(screen.getByText(/Nothing is picked yet/)).toBeInTheDocument()
  })

  it('says what force to expect, and on what it rests', () => {
    panel(
      card({
        force: { byFigures: 259, mean: 240, standardDeviation: 20, runs: 6, kindRuns: 0 },
        forceRestsOn: '6 runs here',
      }),
    )
    expect(screen.getByText('200–280 N')).toBeInTheDocument()
    expect(screen.getByText(/: 6 runs here/)).toBeInTheDocument()
  })

  it('says what speaks against the picked pair as the case stands now', () => {
    panel(card({ againstNow: ['interference 0.31 of 0.01–0.10', 'too thin for 5 bar'] }))
    expect(screen.getByRole('alert')).toHaveTextContent(/0.01–0.10; too thin for 5 bar. Look at Match/)
  })

  it('names parts, dies and where they lie, and gives the steps of the press chosen', async () => {
    panel(card())
    expect(screen.getByRole('heading', { name: '30.0 × 1.0 flat mineral' })).toBeInTheDocument()
    expect(screen.getByText(/C-300-10 from C-14, ring G-310-50 from G-03/)).toBeInTheDocument()
    expect(screen.getByText('P29')).toBeInTheDocument()
    expect(screen.getByText('S32')).toBeInTheDocument()
    expect(screen.getByText(/Would take Lever press: the hand feels/)).toBeInTheDocument()
    expect(within(screen.getByRole('list')).getAllByRole('listitem').length).toBeGreaterThan(3)
    await userEvent.setup().click(screen.getByRole('button', { name: 'Screw press' }))
    expect(screen.getByText(/Turn down slowly until it stops/)).toBeInTheDocument()
  })

  it('asks force and travel only of a press that measures them', async () => {
    panel(card())
    expect(screen.queryByLabelText(/peak force/i)).toBeNull()
    await userEvent.setup().click(screen.getByRole('button', { name: 'Screw press' }))
    expect(screen.getByLabelText(/peak force/i)).toBeInTheDocument()
  })

  it('says that a support was judged by a case diameter nobody has read, and only then', () => {
    panel(card())
    expect(screen.queryByText(/Case diameter assumed/)).toBeNull()
    cleanup()
    const { dies } = pressPlan(
      pressCase({ sheet: { ...pressCase().sheet, caseDiameterMm: null } }),
      'crystal-in',
      pressAsked(),
    )
    const { plans } = card()
    const [plan] = Object.values(plans)
    if (!plan) throw new Error('no plan')
    panel(card({ plans: { 1: { ...plan, dies } } }))
    expect(screen.getByText(/Case diameter assumed/)).toBeVisible()
  })

  it('says why no die fits and which comes nearest, and how it is pressed all the same', () => {
    panel(card({}, [die({ id: 2, code: 'P24', outerDiameterMm: 24 })]))
    expect(screen.getByText('Pusher: none fits.').parentElement).toHaveTextContent('Nearest: P24, 24.0.')
    expect(screen.getByText('Support: none fits.')).toBeInTheDocument()
    expect(screen.getByText('Hand-start the crystal square, bevel outward')).toBeInTheDocument()
    expect(screen.queryByText('none needed: plastic faces')).toBeNull()
  })

  it('logs with press and dies, and shows what was wrong at its field', async () => {
    const logPressRun = panel(card())
    await userEvent.setup().click(screen.getByRole('button', { name: 'Log the run' }))
    expect(logPressRun.mock.calls[0]?.[0]).toMatchObject({
      trayId: 1,
      pressId: 1,
      pusherId: 1,
      supportId: 3,
    })
    expect(await screen.findByText('Outcome is missing: fill it in.')).toBeInTheDocument()
  })

  it('needs neither press nor dies for what goes in by hand', async () => {
    const logPressRun = panel(
      card({
        pusher: null,
        support: null,
        gasket: null,
        plans: { 1: pressPlan(pressCase(), 'crystal-in', pressAsked({ crystalDies: [] })) },
      }),
    )
    expect(screen.getByText('By hand: no press, no dies')).toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Screw press' })).toBeNull()
    await userEvent.setup().click(screen.getByRole('button', { name: 'Log the fitting' }))
    const [sent] = logPressRun.mock.calls[0] ?? []
    expect(sent).toMatchObject({ trayId: 1, fields: { quarterTurns: '0' } })
    expect(sent).not.toHaveProperty('pressId')
  })

  it('lists earlier runs with their tools, and those by hand without', () => {
    const run: PressRunView = {
      id: 1,
      ranAt: '2026-11-24T11:00:00.000Z',
      press: 'Screw press',
      pusherId: 1,
      supportId: null,
      pusher: 'P29',
      support: null,
      quarterTurns: 3,
      leftHour: null,
      feel: null,
      verdict: 'good',
      cell: 'simulated',
      slideForceN: 150,
      cushion: '',
      hasTrace: false,
      cause: null,
      peakForceN: 180,
      travelMm: 1.1,
      outcome: 'high-on-one-side',
      note: 'turned it',
    }
    panel(card({ runs: [run, { ...run, id: 2, press: null, peakForceN: null, travelMm: null, note: '' }] }))
    const [first, second] = screen
      .getAllByRole('listitem')
      .filter(({ textContent }) => textContent.startsWith('high on one side'))
    expect(first).toHaveTextContent(
      'high on one side: screw press, pusher P29, support ?, 3 quarter turns, slid at 150 N, at most 180 N, travel 1.10, simulated cell. turned it',
    )
    expect(second).toHaveTextContent('high on one side: by hand')
  })
})
