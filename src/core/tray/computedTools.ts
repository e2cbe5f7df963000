import type { Die } from '../dies/Die'
import type { NotchShape, ChapterRing } from '../construction/kinds'
import { pinSetting } from '../notches/pinTriple'
import type { BackKind } from '../opening/backKinds'
import type { SocketOutcome } from '../opening/backSocket'
import { backSocket } from '../opening/backSocket'
import { PIN_SHAPES } from '../opening/pinShapes'
import { snapBackDies } from '../press/plan/backWork'
import { bezelOnPusher } from '../press/plan/bezelWork'
import { crystalByThen } from '../press/plan/crystalByThen'
import { plannedDieText } from '../press/plan/PlannedDie'
import type { KnownForDies } from '../press/plan/PressCase'
import { pushOutDies } from '../press/plan/pushOutWork'
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
export interface KnownOnTheWay extends KnownForDies {
  /** the crystal that was picked to go in; null while none is */
  readonly picked: { readonly diameterMm: number; readonly topRiseMm: number } | null
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
  const then = crystalByThen(known, known.picked)
  const bezelOn = bezelOnPusher(sheet, dies, known, then)
  return {
    pins: pinsText(sheet),
    socket: socket === null ? null : socket.ok ? socket.reason : socket.why,
    pushOut: pushOutDies(sheet, dies, known).map(plannedDieText),
    pressIn,
    snapBack: snapBackDies(sheet, dies, then).map(plannedDieText),
    bezelOn: bezelOn ? [plannedDieText(bezelOn)] : [],
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
