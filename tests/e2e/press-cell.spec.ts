import { expect, OFTEN, test } from './support/bench'
import { bridgeToken } from './support/bridgeToken'

/** Way down of a sound crystal as a cell sends it: free, ramp to 150 N, slide, onto its seat. ms, mm, N. */
function soundRun(): (readonly [number, number, number])[] {
  return Array.from({ length: 110 }, (_, i) => {
    const mm = i * 0.0125
    const ramp = mm < 0.3 ? 0 : mm < 0.5 ? (150 * (mm - 0.3)) / 0.2 : 150
    const force = ramp + Math.max(0, mm - 1.32) * 3000 + ((i * 7) % 5) * 0.6
    return [25 * i, Math.round(mm * 100) / 100, Math.round(force * 10) / 10] as const
  })
}

test('a press with a cell says what its run was, proposes what to log, and says plainly that it is simulated', async ({
  page,
}) => {
  await page.goto('/trays/212?stage=press-in')
  const cell = page.getByRole('region', { name: 'Force over travel' })
  const order = async (words: string) => {
    await cell.getByRole('combobox', { name: 'Simulated run' }).click()
    await page.getByRole('option', { name: words, exact: true }).click()
  }
  await order('cracks')
  // What was chosen in has the keys until it is left.
  await cell.getByRole('heading').click()
  await page.keyboard.press('h')
  await expect(cell).toContainText('A simulated cell: no press is moving.')
  await expect(cell.getByRole('status')).toContainText(/^Cracked, \d\d\s%$/, { timeout: 60_000 })
  await expect(page.getByRole('combobox', { name: 'Outcome' })).toHaveText('cracked')
  await expect(page.getByRole('combobox', { name: 'Put down to' })).toBeVisible()
  await order('goes home')
  await cell.getByRole('button', { name: /^Press again/ }).click()
  await expect(cell.getByRole('status')).toContainText(/^Good, \d\d\s%$/, { timeout: 60_000 })
  await expect(cell).toContainText(/Slid at \d+ N and came home at \d\.\d\d ±0\.02 mm\./)
  await expect(cell).toContainText(/Behind it 2\d good runs of this case\./)
  await expect(page.getByRole('combobox', { name: 'Outcome' })).toHaveText('home')
  await expect(page.getByLabel('Peak force')).toHaveCount(0)
  await expect(cell.getByRole('alert')).toHaveCount(0)
  // Good by its force, and not as deep as the others: something lies under it.
  await order('a speck on the seat')
  await cell.getByRole('button', { name: /^Press again/ }).click()
  await expect(cell.getByRole('alert')).toContainText(
    /0\.\d\d ±0\.\d\d mm sooner than good runs of this case/,
    {
      timeout: 60_000,
    },
  )
})

test('a real cell is heard over the bridge with the token, and what cannot be is refused with what to send', async ({
  page,
  request,
}) => {
  const { panel, token } = await bridgeToken(page)
  const send = async (points: unknown, press = 2, bearer = token) =>
    request.post(`/api/presses/${press}/points`, {
      data: { points },
      headers: { authorization: `Bearer ${bearer}`, connection: 'close' },
    })
  expect((await send(soundRun(), 2, 'guess')).status()).toBe(401)
  expect((await send(soundRun(), 1)).status()).toBe(404)
  expect((await send([[1, 2]])).status()).toBe(400)

  await page.goto('/trays/212?stage=press-in')
  const cell = page.getByRole('region', { name: 'Force over travel' })
  await cell.getByRole('combobox', { name: 'Cell' }).click()
  await page.getByRole('option', { name: 'over the bridge' }).click()
  await cell.getByRole('button', { name: /^Start the run/ }).click()
  const [first, ...rest] = soundRun()
  // Heard as soon as the page listens.
  await expect
    .poll(async () => ((await (await send([first])).json()) as { heard: number }).heard, OFTEN)
    .toBe(1)
  await send(rest)
  await expect(cell.getByRole('status')).toHaveText('Home: stop')
  await cell.getByRole('button', { name: /^Stop/ }).click()
  await expect(cell.getByRole('status')).toContainText(/^Good, \d\d\s%$/)
  await page.goto('/settings')
  await panel.getByRole('button', { name: 'Withdraw it' }).click()
  await expect(panel).toContainText('No token yet')
})
