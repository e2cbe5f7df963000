import { diverFacts, jobFacts } from '../../../tests/factories/jobFacts'
import { pieceNow } from '../../../tests/factories/pieceNow'
import { assessMethod } from './assessMethod'
import { notAsSaid } from './notAsSaid'
import type { PieceNow } from './PieceNow'
import type { Scope } from './scopes'

type Off = Partial<PieceNow['off']>

const EMPTY: Off = {
  movement: true,
  crystal: true,
  crystalGasket: true,
  crown: true,
  back: true,
  backSeal: true,
}

const still = (scope: Scope, off: Off, facts = diverFacts()) =>
  notAsSaid(scope, { facts, piece: pieceNow(off) }).map(({ about }) => about)

describe('what is said to be off the case', () => {
  it.each<[Scope, Off, string]>([
    ['insert', { insert: true }, 'the insert'],
    ['bezel', { bezel: true, insert: true }, 'the bezel, the insert'],
    ['crystal', { crystal: true }, 'the crystal'],
    [
      'case',
      EMPTY,
      'the movement, the crystal, the crystal gasket, the stem with its crown, the case back, the back seal',
    ],
  ])('is %s alone only once all of it is off by the parts trail', (scope, off, words) => {
    expect(still(scope, {})).toEqual([words])
    expect(still(scope, off)).toEqual([])
    for (const part of Object.keys(off)) expect(still(scope, { ...off, [part]: false })).toHaveLength(1)
  })

  it('is nothing where head or face is meant', () => {
    expect([still('head', {}), still('face', {})]).toEqual([[], []])
  })

  it('asks for nothing to come off that this piece does not have', () => {
    const facts = jobFacts({ crownKind: 'none', backSeal: 'none', gasketPresent: false })
    const piece = pieceNow({ movement: true, back: true }, { state: 'missing' })
    expect(notAsSaid('case', { facts, piece })).toEqual([])
    expect(notAsSaid('crystal', { facts, piece })).toEqual([])
    expect(still('bezel', { bezel: true }, diverFacts({ insertMaterial: 'none' }))).toEqual([])
  })

  it('blocks whatever is used on it, and says so as its own way round', () => {
    const assess = (off: Off) =>
      assessMethod(
        { process: 'ultrasonic', scope: 'case' },
        { facts: diverFacts(), piece: pieceNow(off), bench: [] },
      )
    expect(assess(EMPTY)).toMatchObject({ severity: 'allow', wayRound: null })
    expect(assess({ ...EMPTY, movement: false })).toMatchObject({
      severity: 'block',
      wayRound: 'Take that off first, or say what it is really used on.',
    })
  })
})
