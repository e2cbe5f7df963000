/** What of a request says where it comes from. */
export interface Asked {
  readonly method: string
  readonly path: string
  /** the headers of these names; null where there is none */
  readonly host: string | null
  readonly origin: string | null
  readonly fetchSite: string | null
  readonly fetchMode: string | null
  readonly authorization: string | null
}

export interface Unwelcome {
  readonly status: 403 | 421
  readonly message: string
}

/** Names of this machine for itself. Under another one, a page elsewhere could have had its own name lead here. */
const THIS_MACHINE = /^(?:localhost|127\.0\.0\.1|\[::1\])(?::\d{1,5})?$/i

/** Methods that change nothing: RFC 9110, 9.2.1. */
export const SAFE: readonly string[] = ['GET', 'HEAD', 'OPTIONS']

/** Where a program without pages sends lines of instruments and readings of presses, by a token that is judged there. */
const BRIDGE = /^\/api\/(?:instruments\/[^/]+\/lines|presses\/[^/]+\/points|testers\/[^/]+\/records)$/

/**
 * Whether a request may come in: by a name of this machine only, from our own pages only, and a change only where the
 * browser says that a page of ours makes it, or a program shows a bridge's token. Fetch Metadata Request Headers (W3C)
 * and RFC 6454 on origins.
 * @returns why not, or null where it may
 */
export function unwelcome(asked: Asked): Unwelcome | null {
  const { method, path, host, origin, fetchSite, fetchMode, authorization } = asked
  if (host === null || !THIS_MACHINE.test(host)) {
    const named = host === null ? 'no name at all' : `“${host.slice(0, 80)}”`
    return {
      status: 421,
      message: `Whyalon answers on this machine only, as localhost or 127.0.0.1; this asked for ${named}. Open it by that address.`,
    }
  }
  const isSafe = SAFE.includes(method)
  if (origin !== null && origin.toLowerCase() !== `http://${host.toLowerCase()}`) return FOREIGN
  const isForeign = fetchSite === 'cross-site' || fetchSite === 'same-site'
  // A link elsewhere may lead to a page of ours; nothing else of another page's may reach it.
  if (isForeign && !(isSafe && fetchMode === 'navigate')) return FOREIGN
  if (isSafe || origin !== null || fetchSite === 'same-origin') return null
  return BRIDGE.test(path) && authorization?.startsWith('Bearer ') ? null : UNSAID
}

const FOREIGN: Unwelcome = {
  status: 403,
  message: 'This came from a page that is not Whyalon’s. Nothing was stored. Use Whyalon’s own pages.',
}

const UNSAID: Unwelcome = {
  status: 403,
  message:
    'This change does not say which page it comes from. Nothing was stored. Send Origin, or use a bridge token where lines of instruments go.',
}
