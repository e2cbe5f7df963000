import { jest } from '@jest/globals'
import { cleanup, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import type { JudgedPair } from '@/core/tray/judgePair'
import type { CandidateView } from '@/services/tray/shortlistView'
import { Shortlist } from './Shortlist'
import { OrderNearest } from './ShortlistNotes'

const CRYSTALS = [30, 30.1, 29.9].map((diameterMm, i) => stockCrystal({ id: i + 1, diameterMm }))
const READ = { bore: [30.95, 30.95, 30.95, 30.95], 'seat-depth': [1.05, 1.05] }

const [FITTING] =
  trayViewOf({ read: READ, crystals: CRYSTALS, gaskets: [stockGasket()] }).shortlist?.fitting ?? []
if (!FITTING) throw new Error('nothing fits')

function list(
  options: Parameters<typeof trayViewOf>[0],
  chosenId: number | null = null,
  other: CandidateView | null = null,
  failures: JudgedPair['failures'] = [],
) {
  const onChoose = jest.fn()
  const onPick = jest.fn()
  const chosen = chosenId === null ? null : { crystalId: chosenId, gasketId: 1 }
  renderInTheme(
    <Shortlist
      view={trayViewOf({ read: READ, ...options })}
      chosen={chosen}
      other={other && { candidate: other, failures }}
      bezelRingId={null}
      onChooseBezelRing={jest.fn()}
      busy={false}
      onChoose={onChoose}
      onPick={onPick}
    />,
  )
  return { onChoose, onPick }
}

describe('Shortlist', () => {
  it('lists fitting pairs before near misses and says against what the near ones fail', () => {
    list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 1)
    const rows = screen.getAllByRole('radio')
    expect(rows[0]).toHaveTextContent('30.0 × 1.0 flat mineral')
    expect(rows[0]).toBeChecked()
    expect(rows[1]).toHaveTextContent(/nylon wants 0.01–0.10/)
    expect(screen.getByText(/Interference 0.05 of 0.01–0.10/)).toBeInTheDocument()
    expect(screen.getByRole('button', { name: /1 of 3 pairs fit/ })).toBeInTheDocument()
  })

  it('keeps what is chosen in sight, however far down it stands', () => {
    const alike = [1, 2, 3, 4, 5].map((id) => stockCrystal({ id, code: `C-${id}`, priceCents: 700 + id }))
    const options = { crystals: alike, gaskets: [stockGasket()] }
    const fitting = trayViewOf({ read: READ, ...options }).shortlist?.fitting ?? []
    expect(fitting).toHaveLength(5)
    list(options, fitting[4]?.crystal.id)
    const rows = screen.getAllByRole('radio')
    expect(rows).toHaveLength(4)
    expect(rows[3]).toBeChecked()
    expect(rows[3]).toHaveTextContent(/^5/)
  })

  it('chooses by click and by key, and picks', async () => {
    const { onChoose, onPick } = list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 1)
    const user = userEvent.setup()
    await user.click(screen.getAllByRole('radio')[1] as HTMLElement)
    expect(onChoose).toHaveBeenCalledWith({ crystalId: expect.any(Number) as number, gasketId: 1 })
    await user.click(screen.getByRole('button', { name: /Pick and plan/ }))
    expect(onPick).toHaveBeenCalled()
  })

  it('shows all near misses and what they fell to on demand', async () => {
    list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 1)
    const before = screen.getAllByRole('radio').length
    await userEvent.setup().click(screen.getByRole('button', { name: /why not/ }))
    expect(screen.getAllByRole('radio').length).toBeGreaterThan(before)
    expect(screen.getByText(/rejected for: too loose or too tight 2/)).toBeInTheDocument()
  })

  it('says what to order when nothing fits, and when the drawers are empty', () => {
    list({ crystals: [stockCrystal({ diameterMm: 30.1 })], gaskets: [stockGasket()] })
    const orders = screen.getByText(/Nothing in the drawers fits/).parentElement as HTMLElement
    expect(within(orders).getAllByRole('listitem')[0]).toHaveTextContent(
      '30.0 × 1.0 with nylon 31.0/0.50, 0.6 high or more, fit 0.8',
    )
    list({})
    expect(screen.getByText(/The drawers are empty/)).toBeInTheDocument()
  })

  it('orders nothing on a guess: names what is to be read first', () => {
    const view = trayViewOf({
      read: READ,
      crystals: [stockCrystal({ diameterMm: 30.1 })],
      gaskets: [stockGasket()],
    })
    if (!view.shortlist) throw new Error('nothing to judge by')
    const unread = {
      ...view,
      unread: ['bore', 'gasket-wall'] as const,
      shortlist: { ...view.shortlist, toOrder: [], orderWaits: true },
    }
    renderInTheme(<OrderNearest view={unread} />)
    expect(screen.getByText(/before more is read: case bore and gasket wall/)).toBeInTheDocument()
    expect(screen.queryByText(/Nearest to order/)).toBeNull()
  })

  it('says of a row put beside the list what it says of its own: reasons, warning, and why not', () => {
    const crystal = stockCrystal({ id: 9, material: 'acrylic' })
    const other = {
      ...FITTING,
      crystal,
      reasons: ['It fits, yet it is thin.'],
      warning: 'too thin for 5 bar',
    }
    list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 9, other)
    expect(screen.getByRole('radio', { checked: true })).toHaveTextContent('too thin for 5 bar')
    expect(screen.getByText('It fits, yet it is thin.')).toBeInTheDocument()
    expect(screen.getByRole('button', { name: /Pick and plan/ })).toBeEnabled()
    cleanup()
    const refusal = 'Crystal: weaker than the one that was there. Take a thicker one.'
    list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 9, { ...other, refusal })
    expect(screen.getByRole('alert')).toHaveTextContent(refusal)
    expect(screen.getByRole('button', { name: /Pick and plan/ })).toBeDisabled()
  })

  it('says against a row beside the list what a later reading brought', () => {
    const other = { ...FITTING, crystal: stockCrystal({ id: 9, material: 'acrylic' }) }
    const failure = { name: 'interference', probability: 0.1, failure: 'squeeze 0.2 %, nylon wants 1 %' }
    list({ crystals: CRYSTALS, gaskets: [stockGasket()] }, 9, other, [failure])
    expect(screen.getByRole('radio', { checked: true })).toHaveTextContent(failure.failure)
    expect(screen.getByText(/Against this one: squeeze 0.2 %.*It can be picked all the same/)).toBeVisible()
  })

  it('names what to measure when no pair can be judged', () => {
    list({ read: {}, sheet: { boreMm: null } })
    expect(screen.getByText(/measure the bore/)).toBeInTheDocument()
  })
})
