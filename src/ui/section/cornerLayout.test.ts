import { describe, expect, it } from '@jest/globals'
import { stockCrystal, stockGasket } from '../../../tests/factories/parts'
import { trayViewOf } from '../../../tests/factories/trayView'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
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

  it('keeps labels of a column apart', () => {
    const { labels } = cornerLayout(MODEL, 'planned', 520)
    for (const side of ['left', 'right'] as const) {
      const ys = labels.filter(({ label }) => label.place === side).map(({ y }) => y)
      const sorted = ys.sort((a, b) => a - b)
      sorted.slice(1).forEach((y, i) => expect(y - (sorted[i] ?? 0)).toBeGreaterThanOrEqual(46))
    }
  })
})
