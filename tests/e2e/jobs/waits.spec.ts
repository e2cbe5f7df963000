import { expect, press, settled, test } from '../support/bench'

test('cement cures on a clock: it is seen on the Bench, holds up the press, and is cut short only for a reason', async ({
  page,
}) => {
  await page.goto('/trays/235?stage=match')
  await settled(page)
  await press(page, 'p')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card.getByText(/^Its own crystal, its own ring; fit/)).toBeVisible()
  const dots = page.getByRole('checkbox', { name: /^Three to six small dots of flexible cement/ })
  await dots.click()
  await expect(dots).toBeChecked()
  const waits = page.getByRole('region', { name: 'Waits' })
  await expect(
    waits.getByText(/^Three to six small dots.*: (30|29) min left, until \d\d:\d\d$/),
  ).toBeVisible()
  await expect(waits.getByRole('button', { name: 'It is over' })).toBeHidden()

  await card.getByRole('button', { name: 'Log the run' }).click()
  await expect(
    card.getByText(/Not pressed yet: Three to six small dots.* min left\. Wait, or leave the rest of it out/),
  ).toBeVisible()

  // It goes on whatever page is open, and over a reload.
  await page.goto('/')
  await expect(page.getByRole('region', { name: 'Waits' })).toContainText(
    /Tray 235: Three to six small dots.* left/,
  )
  await page.getByRole('link', { name: 'Tray 235', exact: true }).click()
  await expect(waits).toBeVisible()
  await settled(page)
  await waits.getByRole('button', { name: /^Leave out: the wait after/ }).click()
  await expect(page.getByRole('textbox', { name: 'Reason' })).toBeFocused()
  await page.keyboard.type('cured by light')
  await press(page, 'Enter')
  await expect(waits.getByText(/: wait cut short: cured by light$/)).toBeVisible()
  await card.getByRole('button', { name: 'Log the run' }).click()
  await expect(page.getByRole('button', { name: /^Align, the tray is here/ })).toBeVisible()
})
