import type { SeenTray } from '@/core/tray/staleness'
import type { TrayCalls } from '@/services/actions'

/** The server's one door: a name, an input, the key of a change and what the page knows of its tray, see the routes. */
export type Act = (name: string, input: unknown, key?: string, seen?: SeenTray) => Promise<unknown>

/** What a tray's page can ask for, each under its own name, over the one door. */
export function trayCalls(act: Act): TrayCalls {
  const calls = new Proxy({}, { get: (_, name) => (input: unknown) => act(String(name), input) })
  // The door answers for every name with what it was declared with.
  return calls as TrayCalls
}
