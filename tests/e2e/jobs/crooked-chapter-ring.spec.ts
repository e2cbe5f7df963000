import type { Page } from '@playwright/test'
import { expect, press, settled, test, tickThrough } from '../support/bench'

async function look(page: Page, byHour: Readonly<Record<number, string>>, radius?: string): Promise<void> {
  for (const [hour, text] of Object.entries(byHour)) await page.getByLabel(`Offset at ${hour}, mm`).fill(text)
  if (radius) await page.getByLabel('Radius, mm').fill(radius)
  await page.getByRole('button', { name: 'Keep this look' }).click()
}

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
  // It is set before it is glued, and by what was read: no eye ticks it.
  await page.getByRole('button', { name: 'Read it, and what would help' }).click()
  const straight = page.getByRole('region', { name: 'Straight' })
  await expect(straight.getByRole('status')).toHaveText(/^Turned 0\.90° anticlockwise; off-centre 0\.09/)
  const remedies = straight.getByTestId('remedy')
  for (const way of [/Clamp it: press/, /Dots of flexible cement/, /, the key kept/, /its key filed off/])
    await expect(remedies.filter({ hasText: way })).toHaveCount(1)
  await straight.getByRole('button', { name: 'Read again as it stands' }).click()
  await page.getByRole('group', { name: 'Places round the ring' }).getByRole('button', { name: '4' }).click()
  await look(page, { 12: '+.30', 3: '.27', 6: '.25', 9: '.29' }, '13.2')
  await expect(straight.getByRole('status')).toHaveText('Turned 1.20° clockwise')
  await expect(page.getByText('At 12 alone it would have read 1.30°.')).toBeVisible()
  await remedies.filter({ hasText: 'its key filed off' }).click()
  const done = straight.getByRole('button', { name: 'Done: look again' })
  await expect(done).toBeDisabled()
  await straight.getByRole('checkbox', { name: /^The owner was asked/ }).check()
  await done.click()
  await look(page, { 12: '.01', 3: '.02', 6: '0', 9: '-.01' })
  await expect(straight.getByRole('status')).toHaveText('✓ Straight')
  await expect(straight).toContainText(/3 looks: .*after “Out through the front, its key filed off/)
  await page
    .getByRole('button', { name: /^Press in/ })
    .first()
    .click()
  await expect(page.getByRole('checkbox', { name: /^Three to six small dots/ })).toBeVisible()
  await tickThrough(page, /^Three to six small dots of flexible cement/)
  const waits = page.getByRole('region', { name: 'Waits' })
  await expect(
    // The day is named too where it ends past midnight.
    waits.getByText(
      /^Three to six small dots.*: (30|29) min left, until (\d+ \w+ )?\d\d:\d\d.*Still turns until/s,
    ),
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
