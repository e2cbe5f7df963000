import fs from 'node:fs'
import path from 'node:path'
import { Server } from './support/Server'
import { expect, press, test } from './support/bench'

// A browser far from the shop: its own evening is the shop's next day.
test.use({ timezoneId: 'America/Los_Angeles' })

test('times are the shop’s, wherever they are looked at and typed', async ({ page }) => {
  test.setTimeout(120_000)
  const home = process.env.WHYALON_E2E_HOME ?? ''
  const data = path.join(home, 'shop-days')
  fs.cpSync(path.join(home, 'template'), data, { recursive: true })
  const shop = new Server(data, 3237)
  try {
    await shop.start()
    await page.goto(`${shop.address}/settings`)
    const zone = page.getByRole('combobox', { name: 'Time zone' })
    await expect(zone).toHaveValue('UTC')
    await zone.focus()
    await page.keyboard.press('Control+A')
    await page.keyboard.type('Tokyo')
    await press(page, 'ArrowDown', 'Enter')
    await expect(zone).toHaveValue('Asia/Tokyo')
    await page.reload()
    await expect(zone).toHaveValue('Asia/Tokyo')

    await page.goto(`${shop.address}/trays/214`)
    const due = page.getByText(/due .*\d\d:\d\d/).first()
    const before = await due.textContent()
    // The same instant, nine hours earlier on the clock.
    await page.goto(`${shop.address}/settings`)
    await zone.focus()
    await page.keyboard.press('Control+A')
    await page.keyboard.type('UTC')
    await press(page, 'ArrowDown', 'Enter')
    await expect(zone).toHaveValue('UTC')
    await page.goto(`${shop.address}/trays/214`)
    const hourOf = (text: string | null) => Number(/(\d\d):\d\d/.exec(text ?? '')?.[1])
    expect((hourOf(before) - hourOf(await due.textContent()) + 24) % 24).toBe(9)

    // Typed as the shop's clock shows it, it is shown so again.
    await page.getByRole('button', { name: /^Intake/ }).click()
    await page.getByRole('button', { name: 'Correct intake' }).click()
    const hours = page.getByRole('dialog').getByRole('spinbutton', { name: 'Hours' })
    await hours.click()
    await page.keyboard.type('1330')
    await page.getByRole('dialog').getByRole('button', { name: 'Store' }).click()
    await expect(page.getByRole('dialog')).toBeHidden()
    await expect(due).toContainText('13:30')
    await page.goto('about:blank')
  } finally {
    await shop.stop()
  }
})
