import fc from 'fast-check'
import { HOSTILE } from '../fuzz/hostile'
import type { Change } from '../torture/hostileRequests'
import { sendHostile } from '../torture/hostileRequests'
import { expect, test } from './support/bench'

const REQUESTS = 400
/** As a page of another version might ask, and as no page would. */
const CHANGES: fc.Arbitrary<Change> = fc.tuple(
  fc.constantFrom('takeReading', 'openTray', 'saveRecord', 'countPart', 'constructor', 'gone'),
  HOSTILE,
)

test('hostile requests are answered, none of them by an error of ours, and the shop goes on', async ({
  page,
  server,
}) => {
  test.setTimeout(240_000)
  const { statuses, wrong } = await sendHostile(server.address, CHANGES, REQUESTS, 11)
  expect(wrong).toEqual([])
  expect(Object.values(statuses).reduce((sum, count) => sum + count)).toBe(REQUESTS)
  // A form without bounds, where there is no page and no route.
  const form = await fetch(`${server.address}/api/trays/none/x`, {
    method: 'POST',
    headers: { 'content-type': 'multipart/form-data', origin: server.address, rsc: 'x' },
    body: 'x',
  })
  expect(form.status).toBe(415)
  // What the framework itself stumbles over.
  for (const state of ['x', '%00', '[]', '%5B%22%22%2C7%5D', 'x'.repeat(12_000)]) {
    const headers = { 'next-router-state-tree': state, rsc: '1', 'sec-fetch-site': 'same-origin' }
    expect([state.slice(0, 9), (await fetch(`${server.address}/trays`, { headers })).status]).toEqual([
      state.slice(0, 9),
      200,
    ])
  }
  await page.goto(server.address)
  await expect(page.getByRole('table', { name: 'Trays in hand' }).getByText('214')).toBeVisible()
})
