import { unmeasuredEvidence } from '@/core/tray/evidenceOrigin'
import { screen } from '@testing-library/react'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { VerdictPanel } from './VerdictPanel'

function panel(
  read: Parameters<typeof trayViewOf>[0],
  fittedBefore = 0,
  { allRead = false }: { allRead?: boolean } = {},
) {
  const view = trayViewOf(read)
  renderInTheme(
    <VerdictPanel
      verdict={view.readout.verdict}
      readingCount={view.readings.length}
      fittedBefore={fittedBefore}
      next={view.askNext}
      unread={allRead ? [] : view.unread}
      conflicts={view.readout.conflicts}
      unmeasured={unmeasuredEvidence(view.readout.evidence, view.readout.measured, view.sheet)}
      past={null}
    />,
  )
}
const BORE = [30.95, 30.95, 30.95, 30.95]

describe('VerdictPanel', () => {
  it('says that nothing is known yet', () => {
    panel({})
    expect(screen.getByText('Nothing measured yet')).toBeInTheDocument()
  })

  it('says that the ring’s wall is the case sheet’s where nobody measured it', () => {
    panel({ read: { bore: BORE }, sheet: { gasketWallMm: 0.5 } })
    expect(screen.getByText(/Ring wall from the case sheet, not measured on this tray\./)).toBeInTheDocument()
  })

  it('says nothing of it where it was measured', () => {
    panel({ read: { bore: BORE, 'gasket-wall': [0.5, 0.5, 0.5] } })
    expect(screen.queryByText(/Ring wall/)).toBeNull()
  })

  it('does not call a tray unread whose readings say nothing of the size', () => {
    panel({ read: { bore: BORE, 'crystal-edge': [1.01, 1, 1.01] }, sheet: { gasketWallMm: null } })
    expect(screen.queryByText('Nothing measured yet')).toBeNull()
    expect(screen.getByText('No size yet')).toBeInTheDocument()
    expect(screen.getByText(/says nothing of the old crystal’s size/)).toBeInTheDocument()
  })

  it('gives size, probability and the rest, in figures, words and a described chart', () => {
    panel({ read: { bore: BORE, 'gasket-wall': [0.5, 0.5, 0.5] } }, 1)
    expect(screen.getByTestId('verdict-size')).toHaveTextContent('30.0')
    expect(screen.getByTestId('verdict-probability')).toHaveTextContent(/^(> )?\d\d %$/)
    expect(screen.getByText(/From the case alone.*fitted once before/)).toBeInTheDocument()
    expect(screen.getByRole('img')).toHaveAccessibleName(/Probability by size: 29.8 .* 30.0 (> )?\d\d\u00A0%/)
  })

  it('says when crystal and case agree, and when they do not', () => {
    panel({ read: { bore: BORE, 'crystal-diameter': [30, 30, 30] } })
    expect(screen.getByText(/Crystal \(30.00\) and case .* agree/)).toBeInTheDocument()
    panel({ read: { bore: BORE, 'crystal-diameter': [30.4, 30.4, 30.4] } })
    expect(
      screen.getByText(/hardly the size its case asks for .* with .+% it was another/),
    ).toBeInTheDocument()
    expect(screen.queryByTestId('odd-evidence')).toBeNull()
    panel({ read: { bore: BORE, opening: [30.2, 30.2, 30.2] } })
    expect(screen.getAllByTestId('odd-evidence')[0]).toHaveTextContent(/standard deviations apart. Likely/)
  })

  it('asks for what would settle most a minute', () => {
    panel({ read: { bore: [30.99, 30.99, 30.99, 30.99] } })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(
      /Ask next: opening with gasket, caliper, about \d+ min; it changes the pick/,
    )
  })

  it('says that nothing here would settle it, and what to do instead', () => {
    panel({ read: { opening: [29.98] } }, 0, { allRead: true })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(
      /Nothing left to measure here would settle it: order 30.0 and 30.1 both, or try one in the case/,
    )
  })

  it('has what tells only together read before anything is ordered', () => {
    panel({ read: { opening: [29.98] } })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(
      'No reading alone would settle it: read case bore and gasket wall before anything is ordered.',
    )
  })

  it('says enough when nothing would change the pick', () => {
    panel({
      read: {
        'crystal-diameter': [30, 30, 30],
        opening: [29.945, 29.945, 29.945],
        bore: [30.945, 30.945, 30.945, 30.945],
      },
    })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(/^Enough for the size/)
    expect(screen.getByTestId('ask-next')).toHaveTextContent(/How it fits still asks for .*seat depth/)
  })
})
