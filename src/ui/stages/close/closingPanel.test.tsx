import { render, screen } from '@testing-library/react'
import type { ClosingView } from '@/services/tray/closingView'
import { ClosingPanel } from './ClosingPanel'

const HOME: ClosingView = {
  measure: [],
  home: {
    ring: 'its own ring',
    from: 'own',
    lines: [{ what: 'Tighten to', is: '0.50–0.67 N·m' }],
    fromTouchDeg: 206,
    pastHandDeg: { low: 0, high: 66 },
  },
  troubles: ['this back came off too easily'],
  basis: 'From memory.',
}

describe('screwing a back home', () => {
  it('tells torque and angle, and draws the turn', () => {
    render(<ClosingPanel closing={HOME} sheetId={3} />)
    expect(screen.getByText('0.50–0.67 N·m')).toBeTruthy()
    expect(screen.getByText('This back came off too easily')).toBeTruthy()
    expect(
      screen.getByRole('img', {
        name: 'from the ring’s first touch the back turns 206° until it stands on metal; fingers stop 0 to 66° before that',
      }),
    ).toBeTruthy()
  })

  it('says what has to be read first', () => {
    render(<ClosingPanel closing={{ ...HOME, home: null, measure: ['Back thread, pitch'] }} sheetId={3} />)
    expect(screen.getByText(/back thread, pitch\. Then torque and angle/)).toBeTruthy()
    expect(screen.queryByRole('img')).toBeNull()
  })

  it('is not there where no back is screwed on', () => {
    const { container } = render(<ClosingPanel closing={null} sheetId={3} />)
    expect(container.textContent).toBe('')
  })
})
