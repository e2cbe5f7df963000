import { DIMENSION_IDS, DIMENSIONS } from './dimensions'

describe('the table of dimensions', () => {
  // Ranges of watch cases, from memory, and places, common practice: a figure that changes is seen to change.
  it('holds for each its range, what surprises, what a sheet is worth, and where it is read', () => {
    const lines = DIMENSION_IDS.map((id) => {
      const { leastMm, mostMm, surprisingMm, sheetUncertaintyMm, places, stage, instruments } = DIMENSIONS[id]
      return `${id}: ${leastMm}–${mostMm}, ±${surprisingMm}, sheet ±${sheetUncertaintyMm}, at ${stage}: ${places.join(', ')}; ${instruments.join(', ')}`
    })
    expect(lines.join('\n')).toMatchSnapshot()
  })
})
