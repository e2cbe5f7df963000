import fc from 'fast-check'
import { DIMENSION_IDS } from '@/core/readings/dimensions'
import { DIMENSIONS } from '@/core/readings/dimensions'
import type { ReadingRow } from './readingsCsv'
import { readReadingsCsv, writeReadingsCsv } from './readingsCsv'

const ROW: ReadingRow = {
  dimension: 'bore',
  place: '12–6',
  shownMm: 30.95,
  instrument: 'Caliper',
  resolutionMm: 0.01,
  maximumPermissibleErrorMm: 0.03,
  zeroOffsetMm: -0.01,
  ownUncertaintyMm: 0.0029,
  zeroUncertaintyMm: -0.017,
  scaleUncertainty: 0.0001,
  source: 'typed',
  takenAt: '2026-11-24T10:00:00.000Z',
  voidReason: '',
}
const errorsOf = (text: string) => {
  const outcome = readReadingsCsv(text)
  return outcome.ok ? [] : outcome.errors.map((e) => `${e.line} ${e.column}: ${e.message}`)
}
const broken = (over: Record<string, string>) => {
  const [heading = '', line = ''] = writeReadingsCsv([ROW]).trim().split('\n')
  const names = heading.split(',')
  const cells = line.split(',').map((cell, i) => over[names[i] ?? ''] ?? cell)
  return `${heading}\n${cells.join(',')}\n`
}

describe('readings as CSV', () => {
  it('loses nothing on the way out and in, whatever the words', () => {
    const anyRow = fc.record({
      dimension: fc.constantFrom(...DIMENSION_IDS),
      shown: fc.double({ min: 0, max: 1, noNaN: true }),
      zeroOffsetMm: fc.integer({ min: -90, max: 90 }).map((n) => n / 1000),
      source: fc.constantFrom('typed' as const, 'instrument' as const),
      voidReason: fc.constantFrom('', 'jaws tilted, twice', 'he said "no"', '=1+1', '-5', 'zwei\nZeilen'),
      instrument: fc.constantFrom('Caliper', 'Caliper; the old one', '@home'),
    })
    fc.assert(
      fc.property(fc.array(anyRow, { maxLength: 12 }), (made) => {
        const rows = made.map(({ dimension, shown, ...rest }): ReadingRow => {
          const { leastMm, mostMm, places } = DIMENSIONS[dimension]
          return {
            ...ROW,
            ...rest,
            dimension,
            place: places[0] ?? '',
            shownMm: Number((leastMm + shown * (mostMm - leastMm)).toFixed(4)),
          }
        })
        expect(readReadingsCsv(writeReadingsCsv(rows))).toEqual({ ok: true, rows })
      }),
    )
  })

  it('takes semicolons, decimal commas, another order and a byte order mark', () => {
    const text =
      '\uFEFFplace;dimension;shown_mm;instrument;resolution_mm;permissible_error_mm;zero_offset_mm;source;taken_at;taken_back_because\n' +
      '12–6;bore;30,95;Caliper;0,01;0,03;-0,01;typed;2026-11-24T10:00:00Z;\n'
    // Files from before an instrument's error was kept leave it unsaid.
    const unsaid = { ownUncertaintyMm: null, zeroUncertaintyMm: null, scaleUncertainty: null }
    expect(readReadingsCsv(text)).toEqual({ ok: true, rows: [{ ...ROW, ...unsaid }] })
  })

  it('names line, column and what to do, and takes nothing of a file that is wrong', () => {
    expect(errorsOf(broken({ dimension: 'depth' }))[0]).toMatch(
      /^2 dimension: “depth” is not one of crystal-diameter/,
    )
    expect(errorsOf(broken({ place: 'at 7' }))[0]).toMatch(/^2 place: “at 7” is not one of 12–6/)
    expect(errorsOf(broken({ shown_mm: '309.5' }))[0]).toMatch(/^2 shown_mm: 309.5 is outside 8–60 mm/)
    expect(errorsOf(broken({ shown_mm: 'wide' }))[0]).toMatch(/not a length/)
    expect(errorsOf(broken({ source: 'guess' }))[0]).toMatch(/not typed or instrument/)
    expect(errorsOf(broken({ taken_at: 'yesterday' }))[0]).toMatch(/is not a time/)
    expect(errorsOf('a,b\n1,2\n')[0]).toMatch(/The heading names no dimension/)
    expect(errorsOf(`${writeReadingsCsv([ROW])}${'x\n'.repeat(2001)}`)[0]).toMatch(/more than 2000/)
  })
})
