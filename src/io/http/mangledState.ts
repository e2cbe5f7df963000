import http from 'node:http'
import { parseAndValidateFlightRouterState } from 'next/dist/server/app-render/parse-and-validate-flight-router-state'

/** What a page of ours knows of itself, for the framework to send only what differs. */
const STATE_HEADER = 'next-router-state-tree'

/**
 * Has requests whose header of the framework's own is mangled answered as if they had none. The framework answers them by an
 * error of its own before our proxy is asked, which is not shown that header at all; so it is looked at before the framework is.
 */
export function ignoreMangledState(): void {
  // The method is called on the server it belongs to, below.
  // eslint-disable-next-line @typescript-eslint/unbound-method
  const { emit } = http.Server.prototype
  http.Server.prototype.emit = function (this: http.Server, event: string, ...given: unknown[]): boolean {
    const [request] = given
    if (event === 'request' && request instanceof http.IncomingMessage && isMangled(request))
      delete request.headers[STATE_HEADER]
    return Reflect.apply(emit, this, [event, ...given]) as boolean
  }
}

function isMangled({ headers }: http.IncomingMessage): boolean {
  try {
    parseAndValidateFlightRouterState(headers[STATE_HEADER])
    return false
  } catch {
    return true
  }
}
