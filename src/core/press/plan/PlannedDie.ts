import type { Die } from '../../dies/Die'
import { isMetal } from '../../dies/Die'
import type { DieOutcome } from '../../dies/pressInDies'

/** One of the two dies of a press, as far as it can be chosen. */
export type PlannedDie =
  | {
      readonly role: 'pusher' | 'support'
      readonly outcome: DieOutcome
      /** figures it was chosen by that somebody should know the origin of: “crystal read here”; empty for none */
      readonly by: string
    }
  | {
      readonly role: 'pusher' | 'support'
      readonly outcome: null
      /** what it has to clear, and what is to be read before it can be chosen */
      readonly ask: string
    }

/** The die to take; null where none fits, or too little is known. */
export function chosenDie(planned: PlannedDie | undefined): Die | null {
  return planned?.outcome?.ok ? planned.outcome.best.die : null
}

/** “pusher P27.5 (die block): 27.5 through 28.0 …”: a planned die in one line. */
export function plannedDieText(planned: PlannedDie): string {
  if (!planned.outcome) return `${planned.role} ${planned.ask}`
  const by = planned.by === '' ? '' : ` (${planned.by})`
  if (!planned.outcome.ok) return `${planned.role}: none in the drawer fits. ${planned.outcome.why}${by}`
  const { die, reasons } = planned.outcome.best
  return `${planned.role} ${die.code} (${die.drawer}): ${reasons.join(', ')}${by}`
}

/** What lies between bare metal dies and what they touch (common practice); empty while no die is chosen. */
export function cushionOf(dies: readonly (Die | null)[]): string {
  const there = dies.filter((die) => die !== null)
  if (there.length === 0 || there.length < dies.length) return ''
  const metal = there.filter(({ material }) => isMetal(material))
  return metal.length > 0
    ? `soft cloth or film on the ${metal.map(({ material, role }) => `${material} ${role}`).join(' and the ')}`
    : 'none needed: plastic faces'
}
