import path from 'node:path'
import { Font } from '@react-pdf/renderer'

// Static files: the variable ones are not read by the PDF library.
const FILES = path.join(process.cwd(), 'node_modules/@fontsource')

/** Each has the letters those before it lack: an owner's name is written as its owner writes it. */
const SUBSETS = [
  'atkinson-hyperlegible-next-latin',
  'atkinson-hyperlegible-next-latin-ext',
  'noto-sans-greek',
  'noto-sans-cyrillic',
  'noto-sans-cyrillic-ext',
] as const

/** What a document is set in: the first family that has a letter sets it. */
export const PDF_FONTS: string[] = [...SUBSETS]

for (const family of SUBSETS) {
  const folder = family.startsWith('noto') ? 'noto-sans' : 'atkinson-hyperlegible-next'
  Font.register({
    family,
    fonts: [400, 700].map((fontWeight) => ({
      src: path.join(FILES, folder, 'files', `${family}-${fontWeight}-normal.woff`),
      fontWeight,
    })),
  })
}
// A code broken at a hyphen is read as two.
Font.registerHyphenationCallback((word) => [word])

const POINTS_PER_MM = 72 / 25.4

/** Millimetres as PDF counts: points of 1/72 inch. */
export function pt(mm: number): number {
  return mm * POINTS_PER_MM
}
