import { gaugeSheetDrawing, PAGE } from '../gaugeSheetDrawing'

const mm = (value: number) => Number(value.toFixed(3)).toString()

/** The gauge sheet as SVG at true size: its units are millimetres. */
export function gaugeSheetSvg(): string {
  const { wedges, dot, lines, texts } = gaugeSheetDrawing()
  const { widthMm, heightMm } = PAGE
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">`,
    '<title>Gauge sheet</title>',
    `<rect width="${widthMm}" height="${heightMm}" fill="#fff"/>`,
    ...wedges.map((path) => `<path d="${path}" fill="#000"/>`),
    `<circle cx="${mm(dot.centre.xMm)}" cy="${mm(dot.centre.yMm)}" r="${mm(dot.radiusMm)}" fill="#000"/>`,
    ...lines.map(
      ({ from, to, widthMm: width }) =>
        `<line x1="${mm(from.xMm)}" y1="${mm(from.yMm)}" x2="${mm(to.xMm)}" y2="${mm(to.yMm)}" stroke="#000" stroke-width="${width}"/>`,
    ),
    ...texts.map(
      ({ at, sizeMm, words }) =>
        `<text x="${mm(at.xMm)}" y="${mm(at.yMm)}" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="${sizeMm}">${escaped(words)}</text>`,
    ),
    '</svg>',
    '',
  ].join('\n')
}

function escaped(words: string): string {
  return words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;')
}
