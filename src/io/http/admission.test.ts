import fc from 'fast-check'
import type { Asked } from './admission'
import { unwelcome } from './admission'

const asked = (over: Partial<Asked> = {}): Asked => ({
  method: 'GET',
  path: '/',
  host: '127.0.0.1:3000',
  origin: null,
  fetchSite: null,
  fetchMode: null,
  authorization: null,
  ...over,
})
const status = (over: Partial<Asked>) => unwelcome(asked(over))?.status ?? 200

describe('who may come in', () => {
  it.each(['localhost', 'localhost:3000', 'LOCALHOST:3000', '127.0.0.1', '127.0.0.1:80', '[::1]:3000'])(
    'is asked for as %s',
    (host) => {
      expect(status({ host })).toBe(200)
    },
  )

  it.each([
    'shop.example',
    'localhost.shop.example',
    'localhost.',
    '127.0.0.1.shop.example:3000',
    'xlocalhost',
    '127.0.0.2',
    '0.0.0.0',
    '[::]',
    'localhost:999999',
    'localhost@shop.example',
    '',
  ])('is not asked for as “%s”', (host) => {
    expect(unwelcome(asked({ host }))).toMatchObject({ status: 421 })
  })

  it('is refused under every other name, whatever else is said', () => {
    fc.assert(
      fc.property(fc.domain(), fc.constantFrom('GET', 'POST'), (host, method) => {
        expect(status({ host, method, origin: `http://${host}`, fetchSite: 'same-origin' })).toBe(421)
      }),
    )
    expect(unwelcome(asked({ host: null }))?.message).toMatch(/no name at all/)
  })

  it('comes from our own pages only', () => {
    const post = { method: 'POST', path: '/trays/1' }
    expect(status({ ...post, origin: 'http://127.0.0.1:3000' })).toBe(200)
    for (const origin of ['http://localhost:3000', 'http://127.0.0.1:4000', 'https://127.0.0.1:3000', 'null'])
      expect(status({ ...post, origin })).toBe(403)
    expect(status({ origin: 'http://shop.example' })).toBe(403)
  })

  it('changes something only where it says that a page of ours does', () => {
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE']) {
      expect(status({ method })).toBe(403)
      expect(status({ method, fetchSite: 'none' })).toBe(403)
      expect(status({ method, fetchSite: 'same-origin' })).toBe(200)
    }
    for (const method of ['GET', 'HEAD', 'OPTIONS']) expect(status({ method })).toBe(200)
  })

  it('lets a link elsewhere lead to a page, and nothing else of another page reach one', () => {
    for (const fetchSite of ['cross-site', 'same-site']) {
      expect(status({ fetchSite, fetchMode: 'navigate' })).toBe(200)
      expect(status({ fetchSite, fetchMode: 'no-cors', path: '/api/photos/1' })).toBe(403)
      expect(status({ fetchSite, fetchMode: 'navigate', method: 'POST' })).toBe(403)
    }
  })

  it('lets a program in where lines of instruments go, by a token that is judged there', () => {
    const line = { method: 'POST', path: '/api/instruments/2/lines' }
    expect(status({ ...line, authorization: 'Bearer abc' })).toBe(200)
    expect(status({ ...line, path: '/api/testers/1/records', authorization: 'Bearer abc' })).toBe(200)
    expect(status(line)).toBe(403)
    expect(status({ ...line, authorization: 'Basic abc' })).toBe(403)
    expect(status({ ...line, path: '/api/sheets', authorization: 'Bearer abc' })).toBe(403)
    expect(status({ ...line, authorization: 'Bearer abc', origin: 'http://shop.example' })).toBe(403)
  })
})
