import { stageLabel } from '../stages/stages'
import { missingBefore, missingText } from '../trail/partsTrail'
import type { StandingDemand } from '../stages/StageState'
import { openOf } from '../stages/StageState'
import type { TrayCase } from './trayCase'

/**
 * What stands between a tray and its owner, each in a sentence with what to do; empty when it may be handed back.
 * @source common practice: nothing leaves the bench with a part missing, or with glass nobody looked for
 */
export function openBeforeHandBack({
  kept,
  trail,
  hazards,
  stages,
}: Pick<TrayCase, 'kept' | 'trail' | 'hazards' | 'stages'>): string[] {
  const { stage } = kept.tray
  if (stage !== 'hand-back') return [`It stands at ${stageLabel(stage)}: do its stages first.`]
  const missing = missingBefore(trail, 'finished')
  const undealt = hazards.filter(({ dealt }) => dealt !== null).map(({ label }) => label)
  return [
    ...(missing.length === 0
      ? []
      : [`${missingText(missing)} not accounted for. Put each back on the trail, or say why it stays off.`]),
    ...(undealt.length === 0
      ? []
      : [
          `Not dealt with: ${undealt.join(', ')}. Say under Hazards, at Intake or here, what was done about each.`,
        ]),
    ...stages.flatMap((state) => {
      const open = openOf(state)
      return open.length === 0 ? [] : [`${stageLabel(state.stage)}: ${openText(open)}.`]
    }),
  ]
}

/** How many open things are named before the rest is counted. */
const NAMED = 2

/** What is open, the first of it by name. */
export function openText(open: readonly StandingDemand[]): string {
  const named = open.slice(0, NAMED).map((demand) => demand.open)
  const more = open.length - named.length
  return [...named, ...(more > 0 ? [`${more} more`] : [])].join('; ')
}
