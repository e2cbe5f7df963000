import { randomBytes } from 'node:crypto'
import type { NextRequest } from 'next/server'
import { NextResponse } from 'next/server'
import type { Unwelcome } from '@/io/http/admission'
import { SAFE, unwelcome } from '@/io/http/admission'
import type { Unreadable } from '@/io/http/pageChange'
import { NO_FORM, unreadable } from '@/io/http/pageChange'
import { ANSWER_HEADERS, contentPolicy } from '@/io/http/pageHeaders'
import { NONCE_HEADER } from '@/io/http/nonceHeader'

/** Stands before everything that is asked of the server: pages, actions, routes, streams and files. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  const header = (name: string) => request.headers.get(name)
  const refused = unwelcome({
    method: request.method,
    path: request.nextUrl.pathname,
    host: header('host'),
    origin: header('origin'),
    fetchSite: header('sec-fetch-site'),
    fetchMode: header('sec-fetch-mode'),
    authorization: header('authorization'),
  })
  if (refused) return withHeaders(answerOf(refused, request.nextUrl.pathname))
  const mangled = await unreadablePost(request)
  if (mangled) return withHeaders(answerOf(mangled, request.nextUrl.pathname))
  const nonce = randomBytes(16).toString('base64')
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development')
  const headers = new Headers(request.headers)
  headers.set(NONCE_HEADER, nonce)
  // Next reads the nonce for its own scripts from here.
  headers.set('Content-Security-Policy', policy)
  const response = withHeaders(NextResponse.next({ request: { headers } }))
  response.headers.set('Content-Security-Policy', policy)
  return response
}

/** What is posted to a page, where it cannot be read; routes judge what they are sent themselves. */
async function unreadablePost(request: NextRequest): Promise<Unreadable | null> {
  if (SAFE.includes(request.method)) return null
  const { headers } = request
  // No route of ours takes a form; at an address where there is none, the framework would read it for a page.
  const isForm = headers.get('content-type')?.startsWith('multipart/') === true
  if (request.nextUrl.pathname.startsWith('/api/')) return isForm ? NO_FORM : null
  return unreadable(headers.get('next-action'), headers.get('content-type'), () => request.clone().text())
}

/** In words for whoever looks at it, as the routes refuse for a program. */
function answerOf({ status, message }: Unwelcome | Unreadable, path: string): NextResponse {
  return path.startsWith('/api/')
    ? NextResponse.json({ ok: false, errors: { form: message } }, { status })
    : new NextResponse(`${message}\n`, { status })
}

function withHeaders(response: NextResponse): NextResponse {
  for (const [name, value] of Object.entries(ANSWER_HEADERS)) response.headers.set(name, value)
  return response
}
