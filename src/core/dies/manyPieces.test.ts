import { die } from '../../../tests/factories/parts'
import { snapBackPusher, snapBackSupport } from './backDies'
import { bezelPusher } from './bezelDies'
import type { Die } from './Die'
import { DIE_MATERIALS } from './Die'
import { DIE_POLICY } from './diePolicy'
import type { DieOutcome, DieOutline } from './pressInDies'
import { pressInPusher, pressInSupport } from './pressInDies'
import { pushOutPusher, pushOutSupport } from './pushOutDies'

/** Pushers and supports from 18 to 46 in steps of 0.5, full and hollow, of every material in turn. */
const DIES: readonly Die[] = Array.from({ length: 228 }, (_, at) => {
  const outerDiameterMm = 18 + 0.5 * (at % 57)
  const kind = Math.floor(at / 57)
  return die({
    id: at + 1,
    code: `D${at + 1}`,
    role: kind < 3 ? 'pusher' : 'support',
    material: DIE_MATERIALS[at % DIE_MATERIALS.length] ?? 'nylon',
    outerDiameterMm,
    openingMm: [0, outerDiameterMm - 1.6, outerDiameterMm - 4, outerDiameterMm - 3.5][kind] ?? 0,
    recessDepthMm: [0, 2, 4, 6][kind] ?? 0,
  })
})

const sizes = (wanted: DieOutline) => [
  wanted.leastOuterMm,
  wanted.mostOuterMm,
  wanted.leastOpeningMm,
  wanted.mostOpeningMm,
  wanted.leastRecessMm,
]

const told = (outcome: DieOutcome) =>
  outcome.ok
    ? [outcome.best, ...outcome.alternatives].map((choice) => choice.die.code).join(' ')
    : `${sizes(outcome.wanted)
        .map((mm) => mm.toFixed(3))
        .join(' ')} nearest ${outcome.nearest?.code ?? 'none'}: ${outcome.why}`

const ASKED: Readonly<Record<string, (dies: readonly Die[], mm: number, domeMm: number) => DieOutcome>> = {
  'press in, pusher': (dies, mm, topRiseMm) => pressInPusher(dies, { diameterMm: mm, topRiseMm }, DIE_POLICY),
  'press in, support': (dies, mm, domeMm) =>
    pressInSupport(
      dies,
      { boreMm: mm + 0.9, caseDiameterMm: mm + 6, lies: domeMm > 0 ? 'bezel' : 'case' },
      DIE_POLICY,
    ),
  'push out, pusher': (dies, mm, domeMm) =>
    pushOutPusher(dies, { apertureMm: mm - 1.5, apertureIs: 'the ring', looseRing: domeMm > 0 }),
  'push out, support': (dies, mm, domeMm) =>
    pushOutSupport(dies, { crystalDiameterMm: mm, domeMm, ringHeightMm: 0 }, mm + 6),
  bezel: (dies, mm, domeMm) =>
    bezelPusher(dies, { crystalMm: mm, bezelOuterMm: mm + 5, crystalAboveMm: domeMm }),
  'snap back, pusher': (dies, mm) => snapBackPusher(dies, mm + 4),
  'snap back, support': (dies, mm, domeMm) =>
    snapBackSupport(dies, { crystalMm: mm, domeMm, caseDiameterMm: mm + 6 }),
}

// Which dies of a large set are taken for pieces of many sizes, and the one to turn where none is there.
describe('dies for many pieces', () => {
  test.each(Object.keys(ASKED))('%s: the approved ones', (press) => {
    const lines = [20, 26.5, 29.95, 33.1, 38].flatMap((mm) =>
      [0, 1.4].flatMap((domeMm) => [
        `${mm} dome ${domeMm}: ${told(ASKED[press]?.(DIES, mm, domeMm) as DieOutcome)}`,
        `${mm} dome ${domeMm}, none: ${told(ASKED[press]?.([], mm, domeMm) as DieOutcome)}`,
      ]),
    )
    expect(lines.join('\n')).toMatchSnapshot()
  })
})
