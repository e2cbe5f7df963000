import type { Page } from '@playwright/test'
import { expect, press, readByKeyboard, settled, test } from './support/bench'

// A browser in which nobody was ever named.
test.use({ storageState: { cookies: [], origins: [] } })

const asked = (page: Page) => page.getByRole('region', { name: 'Who works here' })
const worker = (page: Page) => page.getByRole('button', { name: /^At this bench/ })

test('a bench is asked once who works at it, and says so beside all that is done there', async ({ page }) => {
  await page.goto('/')
  await expect(worker(page)).toContainText('who?')
  const name = asked(page).getByLabel('Name or initials')
  await name.focus()
  await press(page, 'Enter')
  await expect(asked(page)).toContainText('Name or initials: missing. Type them')
  await page.keyboard.type('x'.repeat(41))
  await press(page, 'Enter')
  await expect(asked(page)).toContainText('41 characters; at most 40')
  await press(page, 'Control+A')
  await page.keyboard.type('  Tilde  Ø. ')
  await press(page, 'Enter')
  await expect(asked(page)).toBeHidden()
  await expect(worker(page)).toContainText('Tilde Ø.')

  await page.goto('/trays/217')
  await settled(page)
  await expect(asked(page)).toBeHidden()
  await readByKeyboard(page, '32.51')
  await page.getByRole('link', { name: 'History' }).click()
  const acts = page.getByRole('listitem')
  await expect(acts.first()).toContainText('Tilde Ø.')
  await expect(acts.first()).toContainText('32.51 mm')
  await press(page, 'Escape')
  await expect(page.getByRole('heading', { name: 'Tray 217' })).toBeVisible()

  // Somebody else sits down; what was done before keeps its name.
  await worker(page).click()
  await page.getByRole('dialog').getByLabel('Name or initials').fill('MR')
  await press(page, 'Enter')
  await expect(worker(page)).toContainText('MR')
  await settled(page)
  await page.getByRole('button', { name: /^Intake/ }).click()
  await page.getByRole('button', { name: 'Correct intake' }).click()
  await page.getByRole('dialog').getByLabel('Complaint').fill('Runs, glass cracked at 4')
  await page.getByRole('dialog').getByRole('button', { name: 'Store' }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.goto('/history?tray=217')
  await expect(acts.first()).toContainText('MR')
  await expect(acts.first()).toContainText(/Complaint:.*→.*Runs, glass cracked at 4/)
  await expect(page.getByText('Tilde Ø.')).toBeVisible()
})

test('whoever does not want to say goes on, and what is done is nobody’s', async ({ page }) => {
  await page.goto('/settings')
  await asked(page).getByRole('button', { name: 'Not now' }).click()
  await expect(asked(page)).toBeHidden()
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Settings' })).toBeVisible()
  await expect(asked(page)).toBeHidden()
  // And back: other tests share this shop.
  for (const clock of ['4:00 PM', '16:00']) {
    const choice = page.getByRole('button', { name: clock })
    await choice.click()
    await expect(choice).toHaveAttribute('aria-pressed', 'true')
    await settled(page)
  }
  await page.getByRole('link', { name: 'History of these settings' }).click()
  const act = page.getByRole('listitem').first()
  await expect(act).toContainText('not named')
  await expect(act).toContainText('Clock set')
  await expect(act).toContainText(/Clock:.*12-hour.*→.*24-hour/)
  await page.goto('/history?tray=99999')
  await expect(page.getByRole('heading', { name: 'History' })).toBeHidden()
})
