import { FIT_POLICY } from '@/core/fit/fitPolicy'
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
      <SectionDrawing
        model={sectionModel(VIEW, pair, FIT_POLICY)}
        width={520}
        aimedAt={null}
        onAim={jest.fn()}
      />,
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
      <SectionDrawing
        model={sectionModel(VIEW, null, FIT_POLICY)}
        width={520}
        aimedAt="bore"
        onAim={onAim}
      />,
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
    renderInTheme(
      <SectionDrawing model={sectionModel(VIEW, null, FIT_POLICY)} width={520} aimedAt={null} onAim={null} />,
    )
    expect(screen.queryByRole('button')).toBeNull()
  })
})

describe('PlanView', () => {
  it('tells the oval and the directions read', () => {
    renderInTheme(
      <PlanView
        view={VIEW}
        section={sectionModel(VIEW, null, FIT_POLICY).section}
        target={{ dimension: 'bore', placeIndex: 0 }}
      />,
    )
    expect(screen.getByRole('img')).toHaveAccessibleName(/bore oval 0.04; 4 places of case bore read/)
  })

  it('shows the magnifier over the date, and that it is missing on a plain crystal', () => {
    const lens = { magnifier: 'outside', dateAt: '6', dateRadiusMm: 8 } as const
    const view = { ...VIEW, sheet: { ...VIEW.sheet, ...lens } }
    const { section } = sectionModel(view, null, FIT_POLICY)
    const drawn = (planned: 'none' | 'outside' | null, dateRadiusMm: number | null = 8) => {
      const sheet = { ...view.sheet, dateRadiusMm }
      const { container, unmount } = renderInTheme(
        <PlanView view={{ ...view, sheet }} section={section} target={null} planned={planned} />,
      )
      const mark = container.querySelector('[data-magnifier]')
      const circle = mark?.querySelector('circle')
      const found = {
        kind: mark?.getAttribute('data-magnifier'),
        x: circle?.getAttribute('cx'),
        y: circle?.getAttribute('cy'),
      }
      unmount()
      return found
    }
    expect(drawn('outside')).toEqual({ kind: 'there', x: '0', y: '8' })
    expect(drawn(null).kind).toBe('there')
    expect(drawn('none').kind).toBe('missing')
    expect(drawn('outside', null).kind).toBeUndefined()
  })
})

describe('BackDrawing', () => {
  const around = { caseDiameterMm: 38, keepClearHours: [3], pegsDeg: [45, 135, 225, 315] }

  it('puts the pins on their notches and numbers the screws in turning order', () => {
    renderInTheme(
      <BackDrawing ring={{ kind: 'notches', circleMm: 32.4, count: 6, pins: [0, 2, 4] }} {...around} />,
    )
    expect(screen.getByRole('img')).toHaveAccessibleName(/6 notches, pins in 1, 3, 5/)
    const { container } = renderInTheme(
      <BackDrawing ring={{ kind: 'screws', circleMm: 30, count: 4, order: [0, 2, 1, 3] }} {...around} />,
    )
    const numbers = [...container.querySelectorAll('text.figure')].map((node) => node.textContent)
    expect(numbers).toEqual(['1', '3', '2', '4'])
  })

  it('draws the crown on the left, as it is seen from behind', () => {
    const { container } = renderInTheme(
      <BackDrawing ring={{ kind: 'lip', hour: 8 }} {...around} pegsDeg={[]} />,
    )
    expect(container.querySelector('rect')?.getAttribute('transform')).toBe('rotate(-90)')
    expect(screen.getByRole('img')).toHaveAccessibleName('snap back, lip at 8')
  })

  it('draws flats by their width across and a knurled rim by its diameter', () => {
    const { container } = renderInTheme(
      <BackDrawing ring={{ kind: 'grip', gripMm: 30, sides: 6 }} {...around} />,
    )
    // A regular hexagon of 30 across flats has its corners on a radius of 15 / cos 30° = 17.321.
    const corners = [
      ...(container.querySelector('path')?.getAttribute('d') ?? '').matchAll(/(-?[\d.]+) (-?[\d.]+)/g),
    ]
    for (const [, x, y] of corners) expect(Math.hypot(Number(x), Number(y))).toBeCloseTo(17.321, 2)
    renderInTheme(<BackDrawing ring={{ kind: 'grip', gripMm: 29.5, sides: null }} {...around} />)
    expect(screen.getByRole('img', { name: 'knurled rim of 29.5 mm' })).toBeInTheDocument()
  })
})
