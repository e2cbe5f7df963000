import type { DieProfile } from '@/core/dies/dieProfile'
import { dieSection } from '@/core/dies/dieSection'
import { formatMm } from '@/core/units/formatMm'

/** Room round the section for its dimensions, mm. */
const ROOM_MM = 16
const TEXT_MM = 3
const LINE_MM = 0.2

const mm = (value: number) => Number(value.toFixed(3)).toString()

/** A die as SVG at true size: its units are millimetres. Section with its dimensions, face down. */
export function dieSvg(profile: DieProfile): string {
  const { name, outerMm, openingMm, recessMm, heightMm } = profile
  const width = outerMm + 2 * ROOM_MM
  const height = heightMm + 2 * ROOM_MM
  const [axis, floor] = [width / 2, height - ROOM_MM]
  const path = dieSection(profile).map(([x, y]) => `${mm(axis + x)},${mm(floor - y)}`)
  const across = (widthMm: number, y: number) => [
    line(axis - widthMm / 2, y, axis + widthMm / 2, y),
    text(axis, y - 1, `⌀ ${formatMm(widthMm, 0.1)}`),
  ]
  const up = (x: number, heightOf: number) => [
    line(x, floor, x, floor - heightOf),
    text(x, floor - heightOf - 1, formatMm(heightOf, 0.1)),
  ]
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${mm(width)} ${mm(height)}">`,
    `<title>${name}</title>`,
    `<polygon points="${path.join(' ')}" fill="#ddd" stroke="#000" stroke-width="${LINE_MM}"/>`,
    `<line x1="${mm(axis)}" y1="${mm(ROOM_MM - 4)}" x2="${mm(axis)}" y2="${mm(floor + 3)}" stroke="#000" stroke-width="${LINE_MM / 2}" stroke-dasharray="4 1 1 1"/>`,
    ...across(outerMm, floor + 11),
    ...(openingMm > 0 ? across(openingMm, floor + 6) : []),
    ...up(axis + outerMm / 2 + 6, heightMm),
    ...(recessMm > 0 ? up(axis - outerMm / 2 - 6, recessMm) : []),
    text(axis, 6, `${name}, nylon or acetal, mm`),
    '</svg>',
    '',
  ].join('\n')
}

function line(x1: number, y1: number, x2: number, y2: number): string {
  return `<line x1="${mm(x1)}" y1="${mm(y1)}" x2="${mm(x2)}" y2="${mm(y2)}" stroke="#000" stroke-width="${LINE_MM}"/>`
}

function text(x: number, y: number, words: string): string {
  return `<text x="${mm(x)}" y="${mm(y)}" text-anchor="middle" font-family="Atkinson Hyperlegible Next, sans-serif" font-size="${TEXT_MM}">${words}</text>`
}
