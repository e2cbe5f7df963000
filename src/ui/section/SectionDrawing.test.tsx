import { jest } from '@jest/globals'
import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { trayViewOf } from '../../../tests/factories/trayView'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { BackDrawing } from './BackDrawing'
import { PlanView } from './PlanView'
import { SectionDrawing } from './SectionDrawing'
import { sectionModel } from './sectionModel'

const VIEW = trayViewOf({
  read: { bore: [30.97, 30.95, 30.93, 30.95], 'seat-depth': [1.05] },
  crystals: [stockCrystal()],
  gaskets: [stockGasket()],
})

describe('SectionDrawing', () => {
  it('says in words what it draws, and how each ring is held', () => {
    const pair = VIEW.shortlist?.fitting[0] ?? null
    const { container } = renderInTheme(
      <SectionDrawing model={sectionModel(VIEW, pair)} width={520} aimedAt={null} onAim={jest.fn()} />,
    )
    expect(
      screen.getByRole('group', {
        name: /as found: crystal 30.00 shattered.*as planned: 30.0 × 1.0 in ring 0.50/,
      }),
    ).toBeInTheDocument()
    expect(container.querySelectorAll('[data-material="gasket"][data-ring="good"]').length).toBeGreaterThan(0)
  })

  it('makes a dimension the next reading by click and by key', async () => {
    const onAim = jest.fn()
    renderInTheme(
      <SectionDrawing model={sectionModel(VIEW, null)} width={520} aimedAt="bore" onAim={onAim} />,
    )
    const user = userEvent.setup()
    await user.click(screen.getByRole('button', { name: /Measure Seat depth/ }))
    screen.getByRole('button', { name: /Measure Ring wall/ }).focus()
    await user.keyboard('{Enter}')
    expect(onAim.mock.calls).toEqual([['seat-depth'], ['gasket-wall']])
    expect(screen.getByRole('button', { name: /Measure Case bore 30.95 .*measured/ })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
  })

  it('is plain text where nothing is measured', () => {
    renderInTheme(<SectionDrawing model={sectionModel(VIEW, null)} width={520} aimedAt={null} onAim={null} />)
    expect(screen.queryByRole('button')).toBeNull()
  })
})

describe('PlanView', () => {
  it('tells the oval and the directions read', () => {
    renderInTheme(
      <PlanView
        view={VIEW}
        section={sectionModel(VIEW, null).section}
        target={{ dimension: 'bore', placeIndex: 0 }}
      />,
    )
    expect(screen.getByRole('img')).toHaveAccessibleName(/bore oval 0.04; 4 directions of case bore read/)
  })
})

describe('BackDrawing', () => {
  it('puts the pins on their notches and numbers the screws in turning order', () => {
    renderInTheme(<BackDrawing circleMm={32.4} count={6} pins={[0, 2, 4]} order={null} />)
    expect(screen.getByRole('img')).toHaveAccessibleName(/6 notches, pins in 1, 3, 5/)
    const { container } = renderInTheme(
      <BackDrawing circleMm={30} count={4} pins={[]} order={[0, 2, 1, 3]} />,
    )
    const numbers = [...container.querySelectorAll('text.figure')].map((node) => node.textContent)
    expect(numbers).toEqual(['1', '3', '2', '4'])
  })
})
