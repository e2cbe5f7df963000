import type { DrawnSizes } from '../../../tests/factories/drawnCase'
import { drawnCase } from '../../../tests/factories/drawnCase'
import { BACK_SEALS, RETENTIONS } from '../construction/kinds'
import { domeProfile } from './domeProfile'
import { handStack } from './sectionGeometry'
import { sectionOutlines } from './sectionOutlines'

const SIZES: DrawnSizes = {
  bore: 30.95,
  caseOver: 7,
  openingUnder: 3,
  seat: 1.4,
  height: 10.5,
  hands: 0.6,
  wall: 0.5,
  rise: 0.5,
  dome: 0.4,
  has: { bezel: true, insertMm: 0.6, chapterRing: true, back: true, backSeal: 'o-ring', hands: true },
}
const BARE = {
  bezel: false,
  insertMm: null,
  chapterRing: false,
  back: true,
  backSeal: 'none',
  hands: false,
} as const

/** A drawing in a few lines: each outline with its corners, mm. */
function drawing(retention: (typeof RETENTIONS)[number], sizes: DrawnSizes): string {
  const { watchCase, joint, parts } = drawnCase(retention, sizes)
  return sectionOutlines(retention, watchCase, joint, parts)
    .map(({ material, points }) => `${material}: ${points.map(text).join(' ')}`)
    .join('\n')
}

const text = ([r, z]: readonly [number, number]) => `${r.toFixed(3)},${z.toFixed(3)}`

// What is drawn is compared with what was drawn when somebody last looked at it: after a change of the drawing on
// purpose, look at the section of every construction, then write the record anew with --updateSnapshot.
describe('the section', () => {
  it.each(RETENTIONS)('of %s is drawn as it was last looked at, with everything on and bare', (retention) => {
    expect(drawing(retention, SIZES)).toMatchSnapshot()
    expect(drawing(retention, { ...SIZES, rise: 0, dome: 0, has: BARE })).toMatchSnapshot()
  })

  it.each(BACK_SEALS)('has a %s in its back as it was last looked at', (backSeal) => {
    const sizes = { ...SIZES, has: { ...BARE, backSeal } }
    expect(drawing('tension-gasket', sizes)).toMatchSnapshot()
  })

  it('has hands and a dome as they were last looked at', () => {
    expect(handStack({ handsBelowSeatMm: 0.6, dialOpeningMm: 28 })).toMatchSnapshot()
    expect(domeProfile(15, 0.8).map(text)).toMatchSnapshot()
  })
})
