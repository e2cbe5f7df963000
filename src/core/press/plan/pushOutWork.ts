import { bezelOuterOrUsual, caseDiameterOrUsual } from '../../dies/fittingDies'
import { FALL_ROOM_MM, pusherMarginMm, pushOutPusher, pushOutSupport } from '../../dies/pushOutDies'
import type { ChapterRing } from '../../construction/kinds'
import type { Figure } from '../../fit/CrystalSeat'
import type { Die } from '../../dies/Die'
import { formatMm } from '../../units/formatMm'
import type { PressStep } from '../PressStep'
import type { PlannedDie } from './PlannedDie'
import type { KnownForDies, PressCase } from './PressCase'
import { ORIGIN_WORDS, riseOf } from './PressCase'
import { whatToSpare } from './whatToSpare'
import type { WorkPlan } from './WorkPlan'

/** Height of a chapter ring nobody measured, mm: it falls with the crystal. From memory. */
const USUAL_RING_HEIGHT_MM = 1.5

/** What of a sheet says what a crystal is pushed out through, and what it lies on. */
interface PushedOutSheet {
  readonly chapterRing: ChapterRing
  readonly dialOpeningMm: number | null
  readonly caseDiameterMm: number | null
  readonly bezelOuterMm: number | null
}

type PushOutKnown = Pick<
  KnownForDies,
  'crystal' | 'edgeMm' | 'centreMm' | 'chapterRing' | 'chapterRingHeightMm'
>

/** The narrowest thing on the crystal's way in from behind: a ring that was read counts before the sheet's opening. */
export function narrowestOf({ chapterRing, dialOpeningMm }: PushedOutSheet, ring: Figure | null) {
  const ways = [
    ...(chapterRing !== 'none' && ring
      ? [{ apertureMm: ring.valueMm, apertureIs: `chapter ring, ${ORIGIN_WORDS[ring.origin]}` }]
      : []),
    ...(dialOpeningMm === null
      ? []
      : [{ apertureMm: dialOpeningMm, apertureIs: 'dial opening, from the case sheet' }]),
  ]
  return ways.sort((a, b) => a.apertureMm - b.apertureMm)[0] ?? null
}

/**
 * Dies that push a crystal out from inside. One that cannot be chosen yet is told by what it has to clear.
 * @param lies - what lies on the support: the case, or a bezel off its case
 */
export function pushOutDies(
  sheet: PushedOutSheet,
  dies: readonly Die[],
  known: PushOutKnown,
  lies: 'case' | 'bezel' = 'case',
): PlannedDie[] {
  const { crystal } = known
  const aperture = narrowestOf(sheet, known.chapterRing)
  const looseRing = sheet.chapterRing !== 'none'
  const clearMm = formatMm(pusherMarginMm({ looseRing }), 0.1)
  return [
    aperture === null
      ? {
          role: 'pusher',
          outcome: null,
          ask: `inside, ${clearMm} clear of ${looseRing ? 'the chapter ring: read its inside' : 'the dial opening: look how wide it is'}`,
        }
      : { role: 'pusher', outcome: pushOutPusher(dies, { ...aperture, looseRing }), by: '' },
    crystal === null
      ? {
          role: 'support',
          outcome: null,
          ask: `outside the crystal, ${formatMm(FALL_ROOM_MM, 0.1)} wider than it: read its top edge and add both bevels`,
        }
      : supportUnder(sheet, dies, known, crystal, lies),
  ]
}

function supportUnder(
  sheet: PushedOutSheet,
  dies: readonly Die[],
  known: PushOutKnown,
  crystal: Figure,
  lies: 'case' | 'bezel',
): PlannedDie {
  const fallsMm = sheet.chapterRing === 'none' ? 0 : (known.chapterRingHeightMm ?? USUAL_RING_HEIGHT_MM)
  const way = { crystalDiameterMm: crystal.valueMm, domeMm: riseOf(known), ringHeightMm: fallsMm }
  const outerMm =
    lies === 'case' ? caseDiameterOrUsual(sheet, crystal.valueMm) : bezelOuterOrUsual(sheet, crystal.valueMm)
  const outerKnown = lies === 'case' ? sheet.caseDiameterMm !== null : sheet.bezelOuterMm !== null
  const by = [
    `crystal ${ORIGIN_WORDS[crystal.origin]}`,
    ...(outerKnown ? [] : [lies === 'case' ? 'case diameter assumed' : 'bezel outside assumed']),
    ...(fallsMm > 0 && known.chapterRingHeightMm === null ? ['chapter ring’s height assumed'] : []),
  ]
  return { role: 'support', outcome: pushOutSupport(dies, way, outerMm), by: by.join(', ') }
}

/** Pushing a crystal out: alone, with its chapter ring, or out of a bezel off its case. Common practice. */
export function pushOutWork(pressCase: PressCase, lies: 'case' | 'bezel'): WorkPlan {
  const { sheet, dies, known, facts } = pressCase
  const withRing = sheet.chapterRing !== 'none'
  return {
    work: 'push-out',
    presses: `the ${facts.crystalState === 'cracked' ? 'cracked glass' : 'glass'} from inside, as near its edge as what it passes lets it`,
    restsOn: `${lies === 'case' ? 'case or bezel' : 'the bezel, off its case'}, never on the glass: it has to fall`,
    spare: whatToSpare(
      pressCase,
      lies === 'case'
        ? ['crown', 'pushers', 'chapter-ring', 'magnifier', 'insert']
        : ['chapter-ring', 'insert'],
    ),
    dies: pushOutDies(sheet, dies, known, lies),
    steps: steps(withRing, facts.crystalState !== 'whole'),
    warnings: ['Eye protection on: a crystal that is pushed out can burst.'],
    stop: 'when it lets go: a snap is normal',
  }
}

function steps(withRing: boolean, broken: boolean): PressStep[] {
  return [
    ...(broken
      ? [{ action: 'Film over the glass from outside', why: 'pieces fall together, not about' }]
      : []),
    { action: 'Lay it face down on the support, centred', why: 'the glass needs room to fall all round' },
    {
      action: 'Pusher square on the glass, first load by finger',
      why: withRing ? 'it must not ride up on the chapter ring' : 'tilted, it loads one edge and chips it',
    },
    { action: 'Press gently and evenly', why: 'a snap is normal, a second push is not needed' },
    {
      action: withRing
        ? 'Look for the chapter ring and the crystal’s ring in the support: all three may have fallen'
        : 'Look whether the crystal’s ring stayed in the case',
      why: 'what fell is counted before it is lost',
    },
  ]
}
