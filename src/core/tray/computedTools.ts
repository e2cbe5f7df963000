import { isPressedOn } from '../construction/kinds'
import { snapBackPusher, snapBackSupport } from '../dies/backDies'
import { bezelPusher } from '../dies/bezelDies'
import type { Die } from '../dies/Die'
import type { Figure, FigureOrigin } from '../fit/CrystalSeat'
import type { DieOutcome } from '../dies/pressInDies'
import { bezelOuterOrUsual, caseDiameterOrUsual } from '../dies/fittingDies'
import { FALL_ROOM_MM, pusherMarginMm, pushOutPusher, pushOutSupport } from '../dies/pushOutDies'
import type { NotchShape, ChapterRing } from '../construction/kinds'
import { pinSetting } from '../notches/pinTriple'
import type { BackKind } from '../opening/backKinds'
import type { SocketOutcome } from '../opening/backSocket'
import { backSocket } from '../opening/backSocket'
import { PIN_SHAPES } from '../opening/pinShapes'
import type { ComputedTools } from '../procedure/Step'
import { formatMm } from '../units/formatMm'
import type { CaseSheet } from './CaseSheet'

type ToolSheet = CaseSheet & {
  readonly backKind: BackKind | null
  readonly notchCount: number | null
  readonly notchShape: NotchShape | null
  readonly notchCircleMm: number | null
  readonly backGripMm: number | null
  readonly backSides: number | null
  readonly chapterRing: ChapterRing
}

/** What is known of what a pusher passes and presses. */
export interface KnownOnTheWay {
  readonly crystal: Figure | null
  readonly edgeMm: number | null
  readonly centreMm: number | null
  readonly chapterRing: Figure | null
  /** outside of the bezel that goes on */
  readonly bezelOuter: Figure | null
  /** the crystal that was picked to go in; null while none is */
  readonly picked: { readonly diameterMm: number; readonly topRiseMm: number } | null
}

const ORIGIN_WORDS: Readonly<Record<FigureOrigin, string>> = {
  measured: 'read here',
  sheet: 'from the case sheet',
  supplier: 'from the supplier',
  derived: 'worked out',
  assumed: 'assumed',
}

/** The socket for a coin-edge or polygon back; null for other backs and while the grip is not known. */
export function socketOf(sheet: ToolSheet, dies: readonly Die[]): SocketOutcome | null {
  const { backKind, backGripMm, backSides } = sheet
  if (backGripMm === null) return null
  if (backKind === 'screw-coin-edge') return backSocket(dies, { gripMm: backGripMm, sides: null })
  if (backKind === 'screw-polygon' && backSides !== null) {
    return backSocket(dies, { gripMm: backGripMm, sides: backSides })
  }
  return null
}

/**
 * Tools worked out from figures and the die drawer, in words.
 * @param known - best figures there are of the crystal and of the chapter ring's inside; null for none
 * @param pressIn - dies of the press card, in words
 */
export function computedTools(
  sheet: ToolSheet,
  dies: readonly Die[],
  known: KnownOnTheWay,
  pressIn: readonly string[],
): ComputedTools {
  const socket = socketOf(sheet, dies)
  return {
    pins: pinsText(sheet),
    socket: socket === null ? null : socket.ok ? socket.reason : socket.why,
    pushOut: pushOutText(sheet, dies, known),
    pressIn,
    snapBack: snapBackText(sheet, dies, known),
    bezelOn: bezelOnText(sheet, dies, known),
  }
}

function pinsText({ backKind, notchCount, notchCircleMm, notchShape }: ToolSheet): string | null {
  if (backKind !== 'screw-notched' || notchCount === null) return null
  const shape = notchShape ? PIN_SHAPES[notchShape] : 'pins that fill the notch'
  if (notchCircleMm === null) return `wrench with ${shape}`
  const setting = pinSetting(notchCircleMm, notchCount)
  if (setting.grip === 'two-pins') return `two ${shape}, ${formatMm(setting.spacingMm)} apart`
  const { pairSpacingMm, thirdPinDistanceMm } = setting.triple
  return `${shape}, two ${formatMm(pairSpacingMm)} apart, the third ${formatMm(thirdPinDistanceMm)} from them`
}

/** A die that cannot be chosen yet is told by what it has to clear, and what is to be read for it. */
function pushOutText(sheet: ToolSheet, dies: readonly Die[], known: KnownOnTheWay): string[] {
  const { crystal } = known
  const aperture = narrowestOf(sheet, known.chapterRing)
  const looseRing = sheet.chapterRing !== 'none'
  const clearMm = formatMm(pusherMarginMm({ looseRing }), 0.1)
  return [
    aperture === null
      ? `pusher inside, ${clearMm} clear of ${looseRing ? 'the chapter ring: read its inside' : 'the dial opening: look how wide it is'}`
      : dieText('pusher', pushOutPusher(dies, { ...aperture, looseRing })),
    crystal === null
      ? `support outside the crystal, ${formatMm(FALL_ROOM_MM, 0.1)} wider than it: read its top edge and add both bevels`
      : supportText(sheet, dies, crystal, domeOf(known)),
  ]
}

function supportText(sheet: ToolSheet, dies: readonly Die[], crystal: Figure, domeMm: number): string {
  const way = { crystalDiameterMm: crystal.valueMm, domeMm }
  const text = dieText('support', pushOutSupport(dies, way, caseDiameterOrUsual(sheet, crystal.valueMm)))
  const outside = sheet.caseDiameterMm === null ? ', case diameter assumed' : ''
  return `${text} (crystal ${ORIGIN_WORDS[crystal.origin]}${outside})`
}

/** Dies that snap a back on; what is not known yet is asked for. */
function snapBackText(sheet: ToolSheet, dies: readonly Die[], known: KnownOnTheWay): string[] {
  const { backKind, backGripMm } = sheet
  if (backKind !== 'snap') return []
  const crystal = crystalByThen(known)
  return [
    backGripMm === null
      ? 'pusher on the rim of the back: read the back across, then write it on the sheet'
      : dieText('pusher', snapBackPusher(dies, backGripMm)),
    crystal === null
      ? 'support under the case, 1.0 wider than the crystal: a small one breaks it'
      : dieText(
          'support',
          snapBackSupport(dies, {
            crystalMm: crystal.mm,
            domeMm: crystal.domeMm,
            caseDiameterMm: caseDiameterOrUsual(sheet, crystal.mm),
          }),
        ),
  ]
}

/** The die that presses a bezel on; what is not known yet is asked for. */
function bezelOnText(sheet: ToolSheet, dies: readonly Die[], known: KnownOnTheWay): string[] {
  if (!isPressedOn(sheet.bezelKind)) return []
  const crystal = crystalByThen(known)
  if (crystal === null)
    return ['pusher on the bezel only, 0.5 wider inside than the crystal: read the crystal across']
  const outcome = bezelPusher(dies, {
    crystalMm: crystal.mm,
    bezelOuterMm: known.bezelOuter?.valueMm ?? bezelOuterOrUsual(sheet, crystal.mm),
    crystalAboveMm: crystal.domeMm,
  })
  const outside = ORIGIN_WORDS[known.bezelOuter?.origin ?? 'assumed']
  return [`${dieText('pusher', outcome)} (crystal ${crystal.words}, bezel outside ${outside})`]
}

/** The crystal that lies in the case once it is closed: the one picked, else the one that came in; null for neither. */
function crystalByThen(known: KnownOnTheWay) {
  const { picked, crystal } = known
  if (picked) return { mm: picked.diameterMm, domeMm: picked.topRiseMm, words: 'as picked' }
  return crystal && { mm: crystal.valueMm, domeMm: domeOf(known), words: ORIGIN_WORDS[crystal.origin] }
}

/** Rise of the crystal from edge to centre, as far as it was read, mm. */
function domeOf({ edgeMm, centreMm }: KnownOnTheWay): number {
  return Math.max(0, (centreMm ?? 0) - (edgeMm ?? centreMm ?? 0))
}

/** The narrowest thing on the crystal's way in from behind: a ring that was read counts before the sheet's opening. */
function narrowestOf({ chapterRing, dialOpeningMm }: ToolSheet, ring: Figure | null) {
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

function dieText(role: string, outcome: DieOutcome): string {
  if (!outcome.ok) return `${role}: none in the drawer fits. ${outcome.why}`
  const { die, reasons } = outcome.best
  return `${role} ${die.code} (${die.drawer}): ${reasons.join(', ')}`
}
