import type { Page } from '@playwright/test'
import { drawn } from '../tests/e2e/support/axe'
import { expect, press, settled, test } from '../tests/e2e/support/bench'

const FOLDER = 'docs/screenshots'

async function shoot(page: Page, address: string, name: string): Promise<void> {
  await page.goto(address)
  await drawn(page)
  // A table stands still with grey bars before it has its lines.
  await expect(page.locator('.MuiDataGrid-cellSkeleton')).toHaveCount(0)
  await page.evaluate(() => document.fonts.ready)
  await page.screenshot({ path: `${FOLDER}/${name}.png` })
}

/** The photo gauge with a crystal in four pieces, all four of its rim chosen. */
async function photoGauge(page: Page): Promise<void> {
  await page.goto('/trays/224?stage=measure')
  await settled(page)
  await page.getByRole('button', { name: 'Photo gauge' }).click()
  await page.getByRole('button', { name: 'a mineral crystal in four pieces' }).click()
  const edges = page.getByRole('list', { name: 'Edges' }).getByRole('button')
  for (let piece = 0; piece < 4; piece++) await edges.nth(piece).click({ timeout: 60_000 })
  await page.getByText(/^where ±/).click()
  await page.screenshot({ path: `${FOLDER}/photo-gauge.png` })
}

/** A supplier's list with three rows that would not land, before anything is stored. */
async function importList(page: Page): Promise<void> {
  const rows = Array.from({ length: 240 }, (_, i) => {
    const glass = ['Mineral', 'sapphire crystal', i === 77 ? 'wood' : 'Hardened'][i % 3] ?? ''
    return `GX${i};${i === 12 ? 'abc' : (28 + (i % 60) / 10).toFixed(1).replace('.', ',')};${i === 40 ? '' : '1,0'};${glass};7,90`
  })
  await page.goto('/drawers/import')
  await settled(page)
  await page.getByLabel('Supplier').fill('Greystone Glass')
  const text = ['Art.-No.;Ø (mm);Thickness;Glass;Net price', ...rows].join('\n')
  await page
    .getByLabel('List to import')
    .setInputFiles({ name: 'greystone.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await page.getByRole('region', { name: 'What would land' }).waitFor()
  await page.screenshot({ path: `${FOLDER}/drawers-import.png` })
}

/** A run of the press with a cell that came home, and the rim that was read after it. */
async function pressed(page: Page): Promise<void> {
  await page.goto('/trays/212?stage=press-in')
  await settled(page)
  const cell = page.getByRole('region', { name: 'Force over travel' })
  await cell.getByRole('button', { name: /^Start the run/ }).click()
  await expect(cell.getByRole('status')).toContainText(/^Good/, { timeout: 60_000 })
  await page.screenshot({ path: `${FOLDER}/tray-press.png` })
  await page.getByRole('button', { name: 'Log the run' }).click()
  const level = page.getByRole('region', { name: 'Level' })
  await expect(level).toBeVisible()
  for (const height of ['.52', '.44', '.48', '.50']) {
    await page.keyboard.type(height)
    await press(page, 'Enter')
  }
  await expect(level).toContainText('high between 11 and 12')
  await page.screenshot({ path: `${FOLDER}/tray-level.png` })
}

test('the main views', async ({ page, browser, baseURL }) => {
  test.setTimeout(180_000)
  await shoot(page, '/', 'bench')
  await shoot(page, '/trays/217', 'tray-measure')
  await photoGauge(page)
  await shoot(page, '/trays/214', 'tray-match')
  await shoot(page, '/trays/205/report', 'report')
  await shoot(page, '/history?tray=205', 'history')
  await importList(page)
  await shoot(page, '/trays/214?stage=open', 'tray-open')
  await shoot(page, '/trays/228', 'tray-intake')
  await shoot(page, '/trays/208?stage=prove', 'tray-prove')
  await shoot(page, '/trays/235?stage=align', 'tray-align')
  await shoot(page, '/trays/227', 'tray-methods')
  await shoot(page, '/trays/214?stage=close', 'tray-close')
  await shoot(page, '/sheets/1', 'case-sheet')
  await shoot(page, '/drawers', 'drawers')
  await pressed(page)
  await page.evaluate(() => localStorage.setItem('mui-mode', 'dark'))
  await shoot(page, '/trays/220?stage=match', 'tray-lamp')
  await page.evaluate(() => localStorage.setItem('mui-mode', 'light'))
  const phone = await browser.newContext({
    ...(baseURL && { baseURL }),
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    reducedMotion: 'reduce',
    timezoneId: 'UTC',
  })
  await shoot(await phone.newPage(), '/trays/217', 'tray-phone')
  await phone.close()
})
