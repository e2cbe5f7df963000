import { expect, standing, test } from './support/bench'
import { bridgeToken } from './support/bridgeToken'

test('a real instrument’s line lands where the bar reads next; without the token nothing does', async ({
  page,
  request,
}) => {
  test.setTimeout(400_000)
  await page.goto('/settings')
  const panel = page.getByRole('region', { name: 'Instrument bridge' })
  await expect(panel).toContainText('No token yet')
  await panel.getByRole('button', { name: 'Make a token' }).click()
  const token = (await panel.getByTestId('bridge-token').textContent()) ?? ''
  expect(token.length).toBeGreaterThan(20)
  const send = (data: string, bearer = token, instrument = 2) =>
    request.post(`/api/instruments/${instrument}/lines`, {
      data,
      // One connection per line: a kept one is closed by the server just when the next line may be on its way.
      headers: { authorization: `Bearer ${bearer}`, 'content-type': 'text/plain', connection: 'close' },
    })
  expect((await send('+0001.02 mm', 'guess')).status()).toBe(401)
  expect(await (await send('+0001.02 mm')).json()).toMatchObject({ ok: true, valueMm: 1.02, heard: 0 })

  await page.goto('/trays/224?stage=measure')
  const before = await standing(page)
  await page.getByRole('combobox', { name: 'Readings from' }).selectOption('instrument bridge')
  await expect
    .poll(async () => (await (await send('nothing')).json()) as unknown)
    .toMatchObject({ ok: false })
  await expect
    .poll(async () => ((await (await send('+0001.02 mm\r')).json()) as { heard: number }).heard)
    .toBeGreaterThan(0)
  await expect.poll(() => standing(page)).toBe(before + 1)
  await expect(page.getByTestId('read-next')).toContainText('Crystal edge thickness, at 4')
  // Inches convert and say so; a surprising figure is asked about, not stored.
  await expect
    .poll(async () => ((await (await send('0.0398 in')).json()) as { heard: number }).heard)
    .toBeGreaterThan(0)
  await expect(page.getByText(/0.0398 in taken as 1.01 mm/)).toBeVisible()
  await expect
    .poll(async () => ((await (await send('+0010.20 mm')).json()) as { heard: number }).heard)
    .toBeGreaterThan(0)
  await expect(page.getByRole('button', { name: 'Again' })).toBeVisible()

  expect((await send('30.02 kg')).status()).toBe(422)
  expect((await send('1.02', token, 999)).status()).toBe(404)
  expect((await send('9'.repeat(400))).status()).toBe(413)
  await page.goto('/settings')
  await panel.getByRole('button', { name: 'Withdraw it' }).click()
  await expect(panel).toContainText('No token yet')
  expect((await send('1.02')).status()).toBe(401)
})

test('a dry tester’s record comes over the bridge to the page that waits for it, and is judged there', async ({
  page,
  request,
}) => {
  const { panel, token } = await bridgeToken(page)
  const send = (data: string, tester = 1, bearer = token) =>
    request.post(`/api/testers/${tester}/records`, {
      data,
      headers: { authorization: `Bearer ${bearer}`, 'content-type': 'text/csv', connection: 'close' },
    })
  const line = (t: number) => `${t},5,${(15 - t / 1000 + 0.02 * Math.sin(t * t)).toFixed(4)}`
  const record = [
    'time_s,pressure_bar,deformation_um',
    ...Array.from({ length: 200 }, (_, t) => line(t)),
  ].join('\n')
  expect((await send(record, 1, 'guess')).status()).toBe(401)
  expect((await send(record, 999)).status()).toBe(404)
  // Nobody waits for it yet: that is said, and it is not kept.
  expect(await (await send(record)).json()).toMatchObject({ ok: true, heard: 0 })

  await page.goto('/trays/208?stage=prove')
  const dry = page.getByRole('region', { name: 'Dry test' })
  await dry.getByRole('button', { name: 'Test once more' }).click()
  await dry.getByRole('combobox', { name: 'Record from' }).click()
  await page.getByRole('option', { name: 'over the bridge' }).click()
  await expect
    .poll(async () => ((await (await send(record)).json()) as { heard: number }).heard)
    .toBeGreaterThan(0)
  await expect(dry.getByText('a record came over the bridge')).toBeVisible()
  await dry.getByRole('textbox', { name: /^Air inside/ }).fill('2.4')
  await dry.getByRole('button', { name: 'Keep the record' }).click()
  await expect(dry.getByRole('button', { name: 'Keep the record' })).toBeHidden()
  await expect(dry).toContainText('5.0 bar, 3 min 19 s, 2.4 cm³ of air')
  await page.goto('/settings')
  await panel.getByRole('button', { name: 'Withdraw it' }).click()
  await expect(panel).toContainText('No token yet')
})

test('every construction has its own plan: a removable bezel', async ({ page }) => {
  await page.goto('/trays/229?stage=measure')
  const rows = page.getByRole('region', { name: 'Readings' }).getByRole('row')
  for (const name of [
    'Crystal edge thickness',
    'Crystal diameter',
    'Bezel bore for the crystal',
    'Gasket wall',
    'Wall of the gasket under the bezel',
    'Keys, middle to middle',
    'Key width',
  ]) {
    await expect(rows.filter({ hasText: name }).first()).toContainText('to read')
  }
  await page.keyboard.press('i')
  // The simulated instruments walk the whole plan of a construction the drawers do not serve yet.
  await expect(page.getByTestId('read-next')).toHaveText('All read', { timeout: 80_000 })
  await expect(page.getByTestId('step-bezel-gasket-wall')).toContainText('0.60')
})
