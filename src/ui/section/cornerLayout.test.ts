import { describe, expect, it } from '@jest/globals'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { trayViewOf } from '../../../tests/factories/trayView'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import type { ScreenLine } from '@/core/section/uncrossed'
import { cross } from '@/core/section/uncrossed'
import { cornerLayout } from './cornerLayout'
import { CSS_PX_PER_MM } from './screenScale'
import { sectionModel } from './sectionModel'

const VIEW = trayViewOf({
  read: { bore: [30.97, 30.95, 30.93, 30.95], 'seat-depth': [1.05] },
  crystals: [stockCrystal()],
  gaskets: [stockGasket()],
})
const MODEL = sectionModel(VIEW, VIEW.shortlist?.fitting[0] ?? null, FIT_POLICY)

describe('cornerLayout', () => {
  it('is fifteen times as large as life on any screen: a narrow one shows less', () => {
    const [narrow, wide] = [320, 520].map((width) => cornerLayout(MODEL, 'planned', width))
    expect((narrow?.window.scale ?? 0) / CSS_PX_PER_MM).toBeCloseTo(15, 9)
    expect((wide?.window.scale ?? 0) / CSS_PX_PER_MM).toBeGreaterThan(15)
    const span = (layout: typeof narrow) => (layout ? layout.window.toMm - layout.window.fromMm : 0)
    expect(span(narrow)).toBeLessThan(span(wide) / 1.5)
  })

  it('points only at what is shown, inside the drawing, and at nothing planned on the half as found', () => {
    const { labels, body } = cornerLayout(MODEL, 'planned', 520)
    const targets = labels.flatMap(({ target }) => target ?? [])
    expect(targets.length).toBeGreaterThan(3)
    for (const { x, y } of targets) {
      expect(x).toBeGreaterThanOrEqual(body.x)
      expect(x).toBeLessThanOrEqual(body.x + body.width)
      expect(y).toBeGreaterThanOrEqual(body.y)
      expect(y).toBeLessThanOrEqual(body.y + body.height)
    }
    const found = cornerLayout(MODEL, 'found', 520).labels.filter(({ label }) => label.place === 'right')
    expect(found.map(({ target }) => target)).toEqual(found.map(() => null))
  })

  it.each([480, 520, 600])('crosses no two leaders, of either column, over a width of %d', (width) => {
    const view = trayViewOf({
      read: {
        'crystal-edge': [1, 1],
        bore: [30.97, 30.95, 30.93, 30.95],
        'gasket-wall': [0.5],
        'seat-depth': [1.04],
        'hands-below-seat': [0.52],
      },
      crystals: [stockCrystal()],
      gaskets: [stockGasket()],
    })
    const model = sectionModel(view, view.shortlist?.fitting[0] ?? null, FIT_POLICY)
    const { labels, body } = cornerLayout(model, 'planned', width)
    const leaders = labels.flatMap(({ label, y, target }): ScreenLine[] => {
      const x = label.place === 'left' ? body.x - 6 : body.x + body.width + 4
      return target ? [[{ x, y }, target]] : []
    })
    expect(leaders.length).toBeGreaterThanOrEqual(6)
    const crossings = leaders.flatMap((line, at) =>
      leaders.slice(at + 1).filter((other) => cross(line, other)),
    )
    expect(crossings).toEqual([])
  })

  it('keeps labels of a column apart', () => {
    const { labels } = cornerLayout(MODEL, 'planned', 520)
    for (const side of ['left', 'right'] as const) {
      const ys = labels.filter(({ label }) => label.place === side).map(({ y }) => y)
      const sorted = ys.sort((a, b) => a - b)
      sorted.slice(1).forEach((y, i) => expect(y - (sorted[i] ?? 0)).toBeGreaterThanOrEqual(46))
    }
  })
})
