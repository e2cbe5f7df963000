import type { Calls } from '@/services/actions'
import { act } from './actions'

/** One action by its name, to be handed to a page that asks for nothing else. */
export function call<Name extends keyof Calls>(name: Name): Calls[Name] {
  // The door answers for every name; what each answers is what it was declared with.
  return act.bind(null, name) as unknown as Calls[Name]
}
