import { screen, within } from '@testing-library/react'
import { benchAround } from '../../../../tests/factories/bench'
import { stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { trailOf } from '../../../../tests/factories/trailOf'
import type { TrayViewOptions } from '../../../../tests/factories/trayView'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import type { StageId } from '@/core/stages/stages'
import type { TrailLine } from '@/core/trail/partsTrail'
import { TrayDrawings } from './TrayDrawings'

function drawnAt(stage: StageId, options: TrayViewOptions = {}, lines: readonly TrailLine[] = []) {
  const view = trayViewOf({
    read: { bore: [30.97, 30.95, 30.93, 30.95], 'seat-depth': [1.05] },
    crystals: [stockCrystal()],
    gaskets: [stockGasket()],
    ...options,
  })
  const withTrail = {
    ...view,
    sheet: { ...view.sheet, ...options.sheet },
    job: { ...view.job, trail: { ...view.job.trail, lines } },
  }
  return renderInTheme(<TrayDrawings bench={benchAround(withTrail, stage).bench} />)
}

const openSheet = { backKind: 'screw-coin-edge', backGripMm: 29.5 } as const

describe('TrayDrawings', () => {
  it('draws the corner fifteen times as large or more: as found while it is read, as planned once it is chosen', () => {
    const corner = (stage: StageId) => {
      const { unmount } = drawnAt(stage)
      const name = screen.getByRole('group', { name: /^Corner/ }).getAttribute('aria-labelledby') ?? ''
      const title = document.getElementById(name)?.textContent ?? ''
      unmount()
      return title
    }
    expect(corner('measure')).toMatch(/^Corner as found: .*, 1[5-9]\.\d : 1$/)
    expect(corner('push-out')).toMatch(/^Corner as found/)
    expect(corner('clean')).toMatch(/^Corner as found/)
    expect(corner('match')).toMatch(/^Corner as planned: 30.0 × 1.0 in ring 0.50, 1[5-9]\.\d : 1$/)
    expect(corner('press-in')).toMatch(/^Corner as planned/)
  })

  it('has the corner as found at Match too while nothing fits', () => {
    drawnAt('match', { crystals: [] })
    expect(screen.getByRole('group', { name: /^Corner as found/ })).toBeInTheDocument()
  })

  it('reads from corner and key alike: what is beside the corner, and what goes right across', () => {
    drawnAt('measure')
    for (const name of [/^Measure Ring wall/, /^Measure Case bore 30.95/, /^Measure Crystal diameter/]) {
      expect(screen.getByRole('button', { name })).toBeInTheDocument()
    }
    expect(screen.getByRole('note', { name: /^Squeeze good/ })).toBeInTheDocument()
    expect(screen.getByText(/^wanted \d+(\.\d)?–\d+(\.\d)? %$/)).toBeInTheDocument()
  })

  it('draws the back at Open, and the case where no back comes off', () => {
    const { unmount } = drawnAt('open', { sheet: openSheet })
    expect(screen.getByRole('img', { name: 'knurled rim of 29.5 mm' })).toBeInTheDocument()
    unmount()
    drawnAt('open', { sheet: { backKind: 'one-piece-front-loader' } })
    expect(screen.getByRole('group', { name: /^Section/ })).toBeInTheDocument()
  })

  it('says layer by layer what is off, and what is off with it', () => {
    const { container } = drawnAt(
      'decase',
      {},
      trailOf(['back', 1], ['movement', 1], ['clamp', 2], ['crystal', 1, 1]),
    )
    expect(
      screen.getByRole('img', { name: 'Case layer by layer, off: movement, case back' }),
    ).toBeInTheDocument()
    const layers = within(screen.getByRole('region', { name: 'Layers' }))
    const lines = layers.getAllByRole('listitem').map((line) => line.textContent)
    expect(lines).toContain('handswith the movement')
    expect(lines).toContain('case backoff')
    expect(lines).toContain('crystalin place')
    expect(layers.getByText('Beside them off: 2 clamps')).toBeInTheDocument()
    expect(container.querySelectorAll('[data-away="movement"]').length).toBe(2)
    expect(container.querySelectorAll('[data-material="movement"]').length).toBe(0)
  })

  it('draws at Close what lies in the case by then: the new crystal once it is home, the old one before', () => {
    const dashed = (back: number) => {
      const { container, unmount } = drawnAt('close', {}, trailOf(['crystal', 1, back]))
      const crystals = [...container.querySelectorAll('[data-material="crystal"] [stroke-dasharray]')]
      const away = container.querySelectorAll('[data-away="crystal"]').length
      unmount()
      return [crystals.length, away]
    }
    // The old one is in pieces; while it is off only its outline is left.
    expect(dashed(0)).toEqual([0, 2])
    expect(dashed(1)).toEqual([0, 0])
    const { container } = drawnAt('close')
    expect(container.querySelectorAll('[data-material="crystal"] [stroke-dasharray]').length).toBeGreaterThan(
      0,
    )
  })

  it('says at Align what has to stand true, and by what it is judged', () => {
    drawnAt('align', {
      crystals: [],
      sheet: {
        magnifier: 'outside',
        dateRadiusMm: 9.2,
        dateAt: '4',
        chapterRing: 'keyed',
        bezelKind: 'rotating-click',
      },
    })
    const lines = within(screen.getByRole('list', { name: 'To stand true' })).getAllByRole('listitem')
    expect(lines.map((line) => line.textContent)).toEqual([
      'magnifier over the date at 4stem in; 9.20 from the centre',
      'chapter ringits ticks at 12 and 6 on the dial’s',
      'bezelzero on a click, at 12',
    ])
    expect(document.querySelectorAll('[data-part]')).toHaveLength(1)
    expect(screen.getByText('chapter ring, its width assumed')).toBeInTheDocument()
  })

  it('draws an insert by its own width where that is known, its pip on 12', () => {
    drawnAt('align', {
      sheet: {
        bezelKind: 'rotating-click',
        insertMaterial: 'aluminium',
        insertOuterMm: 37.9,
        insertInnerMm: 30.6,
      },
    })
    expect(document.querySelector('[data-part="insert"] title')).toHaveTextContent(/^insert$/)
    const radii = [...document.querySelectorAll('[data-part="insert"] circle')].map((c) =>
      c.getAttribute('r'),
    )
    expect(radii).toEqual(['18.95', '15.3'])
  })

  it('draws the case as it is closed from Prove on, with nothing to be read', () => {
    drawnAt('prove', {}, trailOf(['crystal', 1, 1]))
    expect(screen.getByRole('group', { name: /as planned.*; as planned/ })).toBeInTheDocument()
    expect(screen.queryByRole('button', { name: /^Measure/ })).toBeNull()
  })
})
