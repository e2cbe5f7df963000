import { randomUUID } from 'node:crypto'
import fs from 'node:fs'
import fc from 'fast-check'
import { PART_KINDS } from '@/core/parts/parts'
import { HOSTILE } from '../fuzz/hostile'

/** What hostile requests were answered with. */
export interface HostileCount {
  readonly requests: number
  /** by the status they were answered with */
  readonly statuses: Readonly<Record<number, number>>
  readonly wrong: readonly string[]
}

/** What a page asks for, by its name, and what goes with it. */
export type Change = readonly [name: string, input: unknown]

interface Request {
  readonly method: string
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
  readonly body: string | undefined
}

/** An address longer than what HTTP servers take is answered by none. */
const MOST_CHARACTERS = 3000
const AT_ONCE = 8
const BATCH = 400
const WITHIN_MS = 60_000

const text = HOSTILE.map((value) => (typeof value === 'string' ? value : (JSON.stringify(value) ?? '')))
/** One step of an address; a half character cannot be written there at all. */
const step = text.map((words) => encodeURIComponent(words.slice(0, MOST_CHARACTERS).toWellFormed()))
const id = fc.oneof(fc.integer({ min: 0, max: 300 }).map(String), step)

const addresses = fc.oneof(
  fc.constantFrom('/', '/trays', '/trays/new', '/sheets', '/sheets/new', '/drawers', '/settings'),
  fc.constantFrom('/drawers/count', '/drawers/order', '/drawers/import'),
  fc.tuple(fc.constantFrom('/trays/', '/sheets/', '/api/photos/', '/api/sheets/', '/'), id).map(joined),
  fc
    .tuple(fc.constant('/api/trays/'), id, fc.constantFrom('/photos', '/readings', '/report', '/file', '/x'))
    .map(joined),
  fc.tuple(fc.constant('/api/instruments/'), id, fc.constant('/lines')).map(joined),
  fc.constantFrom(
    '/api/parts',
    '/api/trays',
    '/api/sheets',
    '/api/limits',
    '/history',
    '/api/labels',
    '/api/orders',
    '/api/gauge-sheet',
  ),
  fc.constantFrom('/api/parts/export', '/api/parts/history', '/api/parts/import', '/api/parts/mapping'),
  fc.constantFrom(
    '/api/instruments/feed',
    '/api/state',
    '/%00',
    '/..%2f..%2fetc/passwd',
    '/_next/image?url=x',
  ),
)

const names = fc.constantFrom('q', 'kind', 'page', 'sort', 'of', 'format', 'supplier', 'id', 'source', 'tray')
const values = fc.oneof(fc.constantFrom<string>(...PART_KINDS, 'csv', '1', 'reconnect'), text)
const query = fc
  .array(fc.tuple(names, values), { maxLength: 4 })
  .map((pairs) =>
    new URLSearchParams(
      pairs.map(([name, value]) => [name, value.slice(0, MOST_CHARACTERS).toWellFormed()]),
    ).toString(),
  )

const headers = fc.dictionary(
  fc.constantFrom(
    'content-type',
    'accept',
    'x-caption',
    'range',
    'authorization',
    'rsc',
    'next-router-state-tree',
  ),
  fc.constantFrom(
    '',
    'x',
    '1',
    'image/jpeg',
    'application/json',
    'multipart/form-data',
    'Bearer x',
    '%00',
    '[]',
  ),
  { maxKeys: 2 },
)

/** Requests as a stranger's program may send them. */
const strange: fc.Arbitrary<Request> = fc
  .record({
    method: fc.constantFrom('GET', 'GET', 'GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD'),
    address: addresses,
    query,
    headers,
    body: fc.oneof(text, fc.json()),
  })
  .map(({ method, address, query: asked, headers: given, body }) => ({
    method,
    path: asked === '' || address.includes('?') ? address : `${address}?${asked}`,
    headers: given,
    body: method === 'GET' || method === 'HEAD' ? undefined : body.toWellFormed(),
  }))

/** Changes as a page of ours sends them, with what no page of ours would put in. */
function changes(door: string, input: fc.Arbitrary<Change>): fc.Arbitrary<Request> {
  return fc
    .record({ input, key: fc.oneof(fc.uuid(), HOSTILE), seen: HOSTILE, cut: fc.integer({ min: 0, max: 20 }) })
    .map(({ input: [name, given], key, seen, cut }) => {
      const whole = JSON.stringify([name, given ?? null, key ?? null, seen ?? null])
      return {
        method: 'POST',
        path: '/settings',
        headers: { 'next-action': door, 'content-type': 'text/plain;charset=UTF-8' },
        body: (cut === 0 ? whole.slice(0, -3) : whole).toWellFormed(),
      }
    })
}

/** The one door of the built application that its pages' changes go through. */
function actionDoor(): string {
  const { node } = JSON.parse(fs.readFileSync('.next/server/server-reference-manifest.json', 'utf8')) as {
    readonly node: Readonly<Record<string, unknown>>
  }
  return Object.keys(node)[0] ?? ''
}

/**
 * Sends so many hostile requests, drawn by a seed, as if they came from a page of ours, and counts what they were
 * answered with. Any answer of 500 or more, and none at all, is wrong.
 * @param address - of a running server
 * @param input - changes as they may be asked for
 */
export async function sendHostile(
  address: string,
  input: fc.Arbitrary<Change>,
  requests: number,
  seed: number,
  told: (count: HostileCount) => void = () => undefined,
): Promise<HostileCount> {
  const statuses: Record<number, number> = {}
  const wrong: string[] = []
  const one = fc.oneof(strange, changes(actionDoor(), input))
  for (let sent = 0; sent < requests; sent += BATCH) {
    const waiting = fc.sample(one, {
      numRuns: Math.min(BATCH, requests - sent),
      seed: seed * 1_000_003 + sent,
    })
    const send = async () => {
      for (let next = waiting.pop(); next; next = waiting.pop()) {
        const status = await statusOf(address, next)
        statuses[status] = (statuses[status] ?? 0) + 1
        if (status === 0 || status >= 500) wrong.push(`${status} to ${JSON.stringify(next).slice(0, 600)}`)
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, send))
    told({ requests: sent + BATCH, statuses, wrong })
  }
  return { requests, statuses, wrong }
}

/** @returns 0 where no answer came */
async function statusOf(address: string, { method, path, headers: given, body }: Request): Promise<number> {
  try {
    const response = await fetch(`${address}${path}`, {
      method,
      headers: { ...given, origin: address, 'sec-fetch-site': 'same-origin', 'x-key': randomUUID() },
      redirect: 'manual',
      signal: AbortSignal.timeout(WITHIN_MS),
      ...(body !== undefined && { body }),
    })
    await response.body?.cancel()
    return response.status
  } catch {
    return 0
  }
}

function joined(parts: readonly string[]): string {
  return parts.join('')
}
