import type { Page } from '@playwright/test'
import { expect } from './bench'

/** Opens a tray's report from its head, looks that nothing in it is open, and comes back. */
export async function expectReportSettled(page: Page, says: RegExp | null = null): Promise<void> {
  await page.getByRole('link', { name: 'Report', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1, name: /^Report, tray/ })).toBeVisible()
  const lines = page.getByRole('main').getByRole('listitem')
  await expect(lines.filter({ hasText: /^Proof/ }).first()).toBeVisible()
  await expect(lines.filter({ hasText: 'open: ' })).toHaveCount(0)
  if (says) await expect(lines.filter({ hasText: says }).first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('heading', { level: 1, name: /^Tray \d+$/ })).toBeVisible()
}
