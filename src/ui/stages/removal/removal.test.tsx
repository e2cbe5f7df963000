import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { benchAround } from '../../../../tests/factories/bench'
import { diverFacts } from '../../../../tests/factories/jobFacts'
import { pieceNow } from '../../../../tests/factories/pieceNow'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { trayViewOf } from '../../../../tests/factories/trayView'
import type { JobFacts } from '@/core/procedure/JobFacts'
import { removalFields } from '@/core/records/removalFields'
import { heatState } from '@/core/removal/heatBursts'
import { planRemovals } from '@/core/removal/planRemoval'
import type { RemovalTold } from '@/services/tray/removalView'
import { RemovalPanels } from './RemovalPanels'

const AT = '2026-11-24T10:00:00.000Z'

/** A tray whose job takes off what these facts say, planned by the models themselves. */
function viewOf(
  facts: JobFacts,
  tries: readonly RemovalTold[] = [],
  open: readonly { process: 'flame' }[] = [],
) {
  const piece = pieceNow({}, { state: facts.crystalState, material: facts.crystalMaterial })
  const plans = planRemovals({ facts, piece, bench: [] }, {}, [])
  const bench = open.map(({ process }) => ({
    ...{ id: 1, process, scope: 'face' as const, startedAt: AT, own: true, trayNumber: 1 },
  }))
  return {
    ...trayViewOf({ job: { bench } }),
    removal: {
      parts: plans.map((plan) => ({ ...plan, fields: removalFields(plan.part), tries, notYet: null })),
      heat: heatState([]),
    },
  }
}
const ceramic = diverFacts({
  ...{ asked: ['bezel-off'] as const, crystalState: 'whole' },
  ...{ insertMaterial: 'ceramic', bezelEntry: 'none' },
})

describe('RemovalPanels', () => {
  it('shows the ways side by side, safest first, the blocked one last and not to be taken', async () => {
    const work = benchAround(viewOf(ceramic), 'push-out')
    renderInTheme(<RemovalPanels {...work} stage="push-out" />)
    const ways = within(screen.getByRole('region', { name: 'Bezel off, safest first' })).getAllByTestId('way')
    expect(ways).toHaveLength(4)
    expect(ways[0]).toHaveTextContent(/^Four-jaw remover.*✓ taken$/)
    expect(ways.at(-1)).toHaveTextContent(/^Steel blade.*Blockedceramic insert: ceramic shatters when pried/)
    expect(within(ways.at(-1) as HTMLElement).queryByRole('button')).toBeNull()
    await userEvent.setup().click(screen.getByRole('button', { name: 'Take it: nylon or ABS lever' }))
    expect(work.asked).toEqual([
      {
        action: 'chooseSchool',
        input: { trayId: 1, school: 'bezel-removal', option: 'plastic-lever' },
      },
    ])
  })

  it('keeps how it went, and shows each try', async () => {
    const tries: RemovalTold[] = [
      { part: 'bezel', way: 'four-jaw', outcome: 'did-not-move', minutes: 5, note: 'glued at 4', at: AT },
    ]
    const work = benchAround(viewOf(ceramic, tries), 'push-out')
    renderInTheme(<RemovalPanels {...work} stage="push-out" />)
    expect(screen.getByRole('list', { name: 'Tries' })).toHaveTextContent(
      /did not movefour-jaw remover: glued at 45 min/,
    )
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'One more try' }))
    await user.type(screen.getByRole('textbox', { name: 'Minutes' }), '12')
    await user.click(screen.getByRole('button', { name: 'Keep how it went' }))
    expect(work.asked).toMatchObject([
      {
        action: 'logRemoval',
        input: {
          ...{ trayId: 1, part: 'bezel' },
          fields: { way: 'four-jaw', outcome: 'clean', minutes: '12' },
        },
      },
    ])
  })

  it('is silent at a stage where nothing of it comes off', () => {
    const work = benchAround(viewOf(ceramic), 'decase')
    const { container } = renderInTheme(<RemovalPanels {...work} stage="decase" />)
    expect(container).toBeEmptyDOMElement()
  })
})

describe('HeatPanel', () => {
  const lens = diverFacts({
    ...{ asked: ['magnifier-off'] as const, magnifier: 'outside', crystalState: 'whole' },
    ...{ crystalMaterial: 'sapphire', bezelKind: 'none', insertMaterial: 'none' },
  })

  it('waits for a flame that was judged', () => {
    renderInTheme(<RemovalPanels {...benchAround(viewOf(lens), 'push-out')} stage="push-out" />)
    expect(screen.getByRole('button', { name: 'Heat on' })).toBeDisabled()
    expect(screen.getByText(/Start the flame below first/)).toBeInTheDocument()
  })

  it('keeps a burst when it ends, a second at least', async () => {
    const work = benchAround(viewOf(lens, [], [{ process: 'flame' }]), 'push-out')
    renderInTheme(<RemovalPanels {...work} stage="push-out" />)
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: 'Heat on' }))
    await user.click(screen.getByRole('button', { name: 'Heat off' }))
    expect(work.asked).toEqual([{ action: 'heatBond', input: { trayId: 1, seconds: 1 } }])
  })
})
