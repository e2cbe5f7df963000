import { topRiseMm } from '@/core/construction/topRise'
import type { Die } from '@/core/dies/Die'
import type { PressCase } from '@/core/press/plan/PressCase'
import type { DimensionId } from '@/core/readings/dimensions'
import { figureOf } from '@/core/tray/caseFigures'
import { boreOfPick } from '@/core/tray/PickEvidence'
import type { KnownOnTheWay } from '@/core/tray/computedTools'
import type { OpenedCase } from './openTrayCases'

/** A tray's case as everything that is pressed on it asks. @param dies - there are in the drawers */
export function pressCaseOf(opened: OpenedCase, dies: readonly Die[]): PressCase {
  const { kept, now, facts, rules } = opened
  const { seat } = now.readout
  const { picked } = kept
  return {
    sheet: now.sheet,
    known: knownForDies(opened),
    picked: picked && {
      crystal: picked.crystal,
      gasket: picked.gasket,
      openingMm: seat.ok
        ? seat.seat.opening.valueMm
        : (boreOfPick(picked.pick.evidence) ?? picked.crystal.diameterMm),
    },
    dies,
    facts,
    policy: rules.policy,
  }
}

/** What is known of what a pusher passes and presses. */
export function knownOnTheWay(opened: OpenedCase): KnownOnTheWay {
  const { picked } = opened.kept
  return {
    ...knownForDies(opened),
    picked: picked && { diameterMm: picked.crystal.diameterMm, topRiseMm: topRiseMm(picked.crystal) },
  }
}

function knownForDies({ now }: OpenedCase): PressCase['known'] {
  const figure = (dimension: DimensionId) => figureOf(dimension, now.readout.measured, now.sheet)
  return {
    crystal: figure('crystal-diameter'),
    edgeMm: figure('crystal-edge')?.valueMm ?? null,
    centreMm: figure('crystal-centre')?.valueMm ?? null,
    chapterRing: figure('chapter-ring-inner'),
    chapterRingHeightMm: figure('chapter-ring-height')?.valueMm ?? null,
    bezelOuter: figure('bezel-outer'),
    insertOuter: figure('insert-outer'),
    insertInner: figure('insert-inner'),
  }
}
