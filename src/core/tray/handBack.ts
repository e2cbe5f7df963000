import { stageLabel } from '../stages/stages'
import { missingBefore, missingText } from '../trail/partsTrail'
import type { TrayCase } from './trayCase'

/**
 * What stands between a tray and its owner, each in a sentence with what to do; empty when it may be handed back.
 * @source common practice: nothing leaves the bench with a part missing, or with glass nobody looked for
 */
export function openBeforeHandBack({
  kept,
  trail,
  hazards,
}: Pick<TrayCase, 'kept' | 'trail' | 'hazards'>): string[] {
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
  ]
}
