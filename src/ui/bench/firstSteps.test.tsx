import { screen } from '@testing-library/react'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { FirstSteps } from './FirstSteps'

describe('FirstSteps', () => {
  it('leads to instruments, drawers and the first tray, and ticks what is done', () => {
    const { unmount } = renderInTheme(<FirstSteps linesInDrawers={0} />)
    const links = screen.getAllByRole('link').map((link) => link.getAttribute('href'))
    expect(links).toEqual(['/settings', '/drawers/import', '/drawers', '/trays/new'])
    expect(screen.queryByText(/✓/)).toBeNull()
    unmount()
    renderInTheme(<FirstSteps linesInDrawers={152} />)
    expect(screen.getByText('✓ Fill the drawers')).toBeInTheDocument()
    expect(screen.getByText(/152 lines are in/)).toBeInTheDocument()
  })
})
