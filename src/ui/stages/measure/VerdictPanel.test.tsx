import { screen } from '@testing-library/react'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { VerdictPanel } from './VerdictPanel'

function panel(read: Parameters<typeof trayViewOf>[0], fittedBefore = 0) {
  const view = trayViewOf(read)
  renderInTheme(
    <VerdictPanel
      verdict={view.readout.verdict}
      readingCount={view.readings.length}
      fittedBefore={fittedBefore}
      next={view.askNext}
      conflicts={view.readout.conflicts}
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

  it('does not call a tray unread whose readings say nothing of the size', () => {
    panel({ read: { bore: BORE, 'crystal-edge': [1.01, 1, 1.01] }, sheet: { gasketWallMm: null } })
    expect(screen.queryByText('Nothing measured yet')).toBeNull()
    expect(screen.getByText('No size yet')).toBeInTheDocument()
    expect(screen.getByText(/says nothing of the old crystal’s size/)).toBeInTheDocument()
  })

  it('gives size, probability and the rest, in figures, words and a described chart', () => {
    panel({ read: { bore: BORE, 'gasket-wall': [0.5, 0.5, 0.5] } }, 1)
    expect(screen.getByTestId('verdict-size')).toHaveTextContent('30.0')
    expect(screen.getByTestId('verdict-probability')).toHaveTextContent(/^\d\d %$/)
    expect(screen.getByText(/From the case alone.*fitted once before/)).toBeInTheDocument()
    expect(screen.getByRole('img')).toHaveAccessibleName(/Probability by size: 29.8 .* 30.0 \d\d\u00A0%/)
  })

  it('says when crystal and case agree, and when they do not', () => {
    panel({ read: { bore: BORE, 'crystal-diameter': [30, 30, 30] } })
    expect(screen.getByText(/Crystal \(30.00\) and case .* agree/)).toBeInTheDocument()
    panel({ read: { bore: BORE, 'crystal-diameter': [30.4, 30.4, 30.4] } })
    expect(screen.getByText(/disagree by \d\.\d standard deviations: measure again/)).toBeInTheDocument()
    expect(screen.getAllByTestId('odd-evidence')[0]).toHaveTextContent(/standard deviations apart. Likely/)
  })

  it('asks for what would settle most, or says that it is enough', () => {
    panel({ read: { opening: [29.98] } })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(/Ask next: .*about \d+ min; it changes the pick/)
  })

  it('says enough when nothing would change the pick', () => {
    panel({
      read: {
        'crystal-diameter': [30, 30, 30],
        opening: [29.945, 29.945, 29.945],
        bore: [30.945, 30.945, 30.945, 30.945],
      },
    })
    expect(screen.getByTestId('ask-next')).toHaveTextContent(/^Enough/)
  })
})
