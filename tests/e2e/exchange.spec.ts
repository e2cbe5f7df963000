import fs from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, settled, test } from './support/bench'

/** Saves a file by its link and gives what is in it. */
async function saved(page: Page, link: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: link }).click(),
  ])
  return fs.readFileSync(await download.path(), 'utf8')
}

const file = (text: string) => ({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) })

test('a tray leaves as a file and comes in again, once', async ({ page }) => {
  await page.goto('/trays/205/report')
  await settled(page)
  const text = await saved(page, 'All of it as JSON')
  await page.goto('/trays')
  await settled(page)
  const chooser = page.getByLabel('Tray from a file')
  await chooser.setInputFiles(file('{"format":"whyalon-tray"'))
  await expect(page.getByText('This file is not JSON')).toBeVisible()
  await chooser.setInputFiles(file(text.replace('"stage": "', '"stage": "un')))
  await expect(page.getByText('Nothing taken. tray: stage is none of ours')).toBeVisible()
  await chooser.setInputFiles(file(text))
  await expect(page.getByText('This tray is here already, as 205')).toBeVisible()
  await chooser.setInputFiles(file(text.replace(/"ownerMark": "[^"]*"/, '"ownerMark": "from elsewhere"')))
  await expect(page.getByRole('heading', { name: /^Tray 2\d\d$/ })).toBeVisible()
  await expect(page.getByText('from elsewhere')).toBeVisible()
  await page.getByRole('link', { name: 'History' }).click()
  await expect(page.getByRole('listitem').first()).toContainText('Tray taken in from a file')
})

test('sheets and limits leave as files; what is here already stays as it is', async ({ page }) => {
  await page.goto('/sheets')
  await settled(page)
  const sheets = await saved(page, 'Save all as JSON')
  await page.getByLabel('Sheets from a file').setInputFiles(file(sheets))
  await expect(page.getByText(/^0 taken in\. \d+ were here already/)).toBeVisible()
  await page.goto('/settings')
  await settled(page)
  const limits = await saved(page, 'Save limits and schools as JSON')
  const chooser = page.getByLabel('Limits from a file')
  await chooser.setInputFiles(file(limits.replace('"limits": {', '"limits": {"crazeStrain": 900')))
  await expect(page.getByText(/Nothing taken\. .*900/)).toBeVisible()
  await chooser.setInputFiles(file(limits))
  await expect(page.getByText('Taken in, in place of what was set here.')).toBeVisible()
})
