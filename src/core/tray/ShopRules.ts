import type { ShopPolicy } from '../policy/ShopPolicy'
import type { ChosenOptions } from '../procedure/schoolChoices'

/** What holds for every tray of a shop. */
export interface ShopRules {
  readonly policy: ShopPolicy
  /** what the shop always does where practitioners differ */
  readonly schools: ChosenOptions
  /** a world made up to be looked at: what a simulated press did in it counts as done */
  readonly invented: boolean
}
