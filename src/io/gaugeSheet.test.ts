import { inflateSync } from 'node:zlib'
import { gaugeSheetDrawing } from './gaugeSheetDrawing'
import { gaugeSheetPdf } from './pdf/GaugeSheetPdf'
import { gaugeSheetSvg } from './svg/gaugeSheetSvg'

const POINTS_PER_MM = 72 / 25.4

describe('the gauge sheet', () => {
  it('draws its bars at their true lengths', () => {
    const [level, , , upright] = gaugeSheetDrawing().lines
    const length = (line: typeof level) =>
      line ? Math.hypot(line.to.xMm - line.from.xMm, line.to.yMm - line.from.yMm) : 0
    expect(length(level)).toBeCloseTo(100, 9)
    expect(length(upright)).toBeCloseTo(70, 9)
  })

  it('keeps everything on the page', () => {
    const { lines, texts, dot } = gaugeSheetDrawing()
    const places = [...lines.flatMap((l) => [l.from, l.to]), ...texts.map((t) => t.at), dot.centre]
    for (const { xMm, yMm } of places) {
      expect(xMm).toBeGreaterThan(5)
      expect(xMm).toBeLessThan(292)
      expect(yMm).toBeGreaterThan(5)
      expect(yMm).toBeLessThan(205)
    }
  })

  it('writes SVG in millimetres, with nothing unescaped in its words', () => {
    const svg = gaugeSheetSvg()
    expect(svg).toMatch(/^<svg [^>]*width="297mm" height="210mm" viewBox="0 0 297 210">/)
    expect(svg.match(/<path /g)).toHaveLength(16)
    expect(svg).toContain('&quot;fit to page&quot;')
  })

  it('writes PDF at true size: page and level bar in points', async () => {
    const pdf = Buffer.from(await gaugeSheetPdf()).toString('latin1')
    const box = /MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(pdf)
    expect(Number(box?.[1])).toBeCloseTo(297 * POINTS_PER_MM, 1)
    expect(Number(box?.[2])).toBeCloseTo(210 * POINTS_PER_MM, 1)
    const drawn = [...pdf.matchAll(/stream\r?\n([\s\S]*?)\r?\nendstream/g)]
      .map(([, body = '']) => {
        try {
          return inflateSync(Buffer.from(body, 'latin1')).toString('latin1')
        } catch {
          return ''
        }
      })
      .find((body) => / re|\bm\b/.test(body) && body.includes(' l'))
    // The level bar is drawn from x 90 to 190 in the drawing's mm, under a scale that makes mm of points.
    expect(drawn).toMatch(/90 148 m\s+190 148 l/)
    const [, scale] =
      /([\d.]+) 0 0 [\d.]+ [\d.-]+ [\d.-]+ cm/.exec(drawn?.replace(/^1 0 0 -1.*$/m, '') ?? '') ?? []
    expect(Number(scale)).toBeCloseTo(POINTS_PER_MM, 3)
  }, 240_000)
})
