import http from 'node:http'
import { expect, test } from './support/bench'

interface Answer {
  readonly status: number
  readonly headers: http.IncomingHttpHeaders
  readonly text: string
}

/** Asks with headers that no browser lets a page set. */
function ask(
  address: string,
  path: string,
  headers: http.OutgoingHttpHeaders,
  method = 'GET',
): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const request = http.request(new URL(path, address), { method, headers }, (response) => {
      let text = ''
      response.on('data', (chunk: Buffer) => (text += chunk.toString()))
      response.on('end', () => resolve({ status: response.statusCode ?? 0, headers: response.headers, text }))
    })
    request.on('error', reject)
    request.end()
  })
}

test('under another name than this machine’s, nothing answers: page, route, file, script or stream', async ({
  page,
  server,
}) => {
  await page.goto('/')
  const script = await page.locator('script[src]').first().getAttribute('src')
  const paths = ['/', '/trays/214', '/api/sheets/1', '/icon.svg', '/case-sheet.schema.json', script ?? '']
  for (const path of [...paths, '/api/instruments/feed?source=bridge', '/nowhere']) {
    const { status, text } = await ask(server.address, path, { host: 'shop.example:3000' })
    expect({ path, status }).toEqual({ path, status: 421 })
    expect(text).toContain('answers on this machine only')
    expect(text).not.toContain('Bench')
  }
  const port = new URL(server.address).port
  for (const host of [`localhost:${port}`, `127.0.0.1:${port}`])
    expect((await ask(server.address, '/api/sheets/1', { host })).status).toBe(200)
})

test('a page elsewhere reaches nothing, and a change has to say that a page of ours makes it', async ({
  server,
}) => {
  const foreign = { origin: 'http://shop.example', 'content-type': 'image/png' }
  for (const path of ['/api/trays/1/photos', '/api/sheets', '/api/parts/import', '/', '/trays/1']) {
    const { status } = await ask(server.address, path, foreign, 'POST')
    expect({ path, status }).toEqual({ path, status: 403 })
    expect((await ask(server.address, path, { 'content-type': 'image/png' }, 'POST')).status).toBe(403)
  }
  const picture = { 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' }
  expect((await ask(server.address, '/api/photos/1', picture)).status).toBe(403)
})

test('every answer says how it may be used, and a page runs no script but its own', async ({
  page,
  server,
}) => {
  for (const path of ['/', '/api/sheets/1', '/icon.svg', '/nowhere']) {
    const { headers } = await ask(server.address, path, {})
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'DENY',
      'referrer-policy': 'same-origin',
      'cross-origin-resource-policy': 'same-origin',
    })
    const policy = String(headers['content-security-policy'])
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]{24}';/)
    expect(policy).toContain("frame-ancestors 'none'")
  }
  const nonceOf = async () => (await ask(server.address, '/', {})).headers['content-security-policy']
  expect(await nonceOf()).not.toBe(await nonceOf())

  // What somebody smuggled into a page does not run; its browser says so, and so it is a page nobody listens to.
  const other = await page.context().newPage()
  await other.goto(`${server.address}/trays/214`)
  const ran = await other.evaluate(async () => {
    const script = document.createElement('script')
    script.textContent = 'window.smuggled = true'
    document.body.append(script)
    await new Promise((resolve) => setTimeout(resolve))
    return 'smuggled' in window
  })
  expect(ran).toBe(false)
})
