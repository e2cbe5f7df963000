import { expect, press, settled, test, tickThrough } from '../support/bench'

test('a crystal and its ring that came out sound are picked and pressed like those of a drawer, once the cement under them has cured or is said to', async ({
  page,
}) => {
  await page.goto('/trays/235?stage=match')
  await settled(page)
  const choices = page.getByRole('radiogroup', { name: 'What to draw and pick' })
  await expect(choices.getByRole('radio').first()).toContainText(/^1Its own 32\.\d\d × 1\.\d\d double dome/)
  await expect(page.getByText('Its own crystal looks sound, and nobody asked for a new one.')).toBeVisible()
  await press(page, 'p')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card.getByText(/^Its own crystal, its own ring; fit/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toBeHidden()
  await expect(page.getByRole('button', { name: /^Match, done/ })).toBeVisible()
  // What is set before it is glued.
  await tickThrough(page, /^Three to six small dots of flexible cement/)
  const waits = page.getByRole('region', { name: 'Waits' })
  await expect(
    waits.getByText(/^Three to six small dots.*: (30|29) min left, until \d\d:\d\d$/),
  ).toBeVisible()
  await expect(waits.getByRole('button', { name: 'It is over' })).toBeHidden()

  await card.getByRole('button', { name: 'Log the run' }).click()
  await expect(
    card.getByText(/Not pressed yet: Three to six small dots.* min left\. Wait, or cut it short/),
  ).toBeVisible()

  // It goes on whatever page is open, and over a reload.
  await page.goto('/')
  await expect(page.getByRole('region', { name: 'Waits' })).toContainText(
    /Tray 235: Three to six small dots.* left/,
  )
  await page.getByRole('link', { name: 'Tray 235', exact: true }).click()
  await expect(waits).toBeVisible()
  await settled(page)
  await waits.getByRole('button', { name: /^Cut short: the wait after/ }).click()
  await expect(page.getByRole('textbox', { name: 'Reason' })).toBeFocused()
  await page.keyboard.type('cured by light')
  await press(page, 'Enter')
  await expect(waits.getByText(/: wait cut short: cured by light$/)).toBeVisible()
  await card.getByRole('button', { name: 'Log the run' }).click()
  await expect(card.getByRole('heading', { name: 'Runs on this tray' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Press in, the tray is here' })).toBeVisible()
})
