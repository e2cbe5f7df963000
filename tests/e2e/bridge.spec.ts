import { expect, standing, test } from './support/bench'

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
