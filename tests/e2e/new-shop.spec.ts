import fs from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import type { Page } from '@playwright/test'
import { expect, readByKeyboard, settled, test } from './support/bench'
import { Server } from './support/Server'

const PORT = 3317

const CRYSTALS = [
  'Code;Diameter;Thickness;Material;Price;Quantity;Drawer',
  ...Array.from({ length: 11 }, (_, i) => `M${295 + i};${29.5 + i / 10};1,0;mineral;6,90;3;C-1`),
].join('\n')
const RINGS = [
  'Code;Outside;Wall;Height;Material;Colour;Price;Quantity;Drawer',
  ...Array.from({ length: 9 }, (_, i) => `R${306 + i};${30.6 + i / 10};0,50;1,0;nylon;white;1,20;3;G-1`),
].join('\n')

async function importList(page: Page, address: string, kind: string, text: string): Promise<void> {
  await page.goto(`${address}/drawers?kind=${kind}`)
  await page
    .getByRole('main')
    .getByRole('link', { name: /^Import a supplier/ })
    .click()
  await expect(page.getByRole('heading', { name: 'Import a list' })).toBeVisible()
  await page.getByLabel('Supplier').fill('Pellet Lane')
  await page
    .getByLabel('List to import')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await page.getByRole('button', { name: /^Import \d+ rows/ }).click()
  await expect(page.getByRole('status')).toContainText('new')
}

test('a shop that starts with nothing: lists into its drawers, its first case, its first pick', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const home = fs.mkdtempSync(path.join(os.tmpdir(), 'whyalon-new-shop-'))
  const server = new Server(path.join(home, 'data'), PORT + test.info().parallelIndex)
  try {
    expect((await server.start()).status).toBe(200)
    await page.goto(server.address)
    await expect(page.getByRole('heading', { name: 'A new bench.' })).toBeVisible()
    await page.getByRole('link', { name: 'put in line by line' }).click()
    await expect(page.getByRole('heading', { name: 'No crystals in the drawers yet' })).toBeVisible()
    await importList(page, server.address, 'crystal', CRYSTALS)
    await importList(page, server.address, 'gasket', RINGS)
    await page.goto(server.address)
    await expect(page.getByText('✓ Fill the drawers')).toBeVisible()
    await expect(page.getByText('20 lines are in.')).toBeVisible()

    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: 'New tray' })).toBeVisible()
    await settled(page)
    await page.getByRole('combobox', { name: 'Case' }).fill('Vessalin First')
    await page.getByRole('option', { name: 'New case: Vessalin First' }).click()
    await page.getByRole('textbox', { name: 'Owner' }).fill('Imke Larsson')
    await page.getByRole('combobox', { name: 'Crystal came in' }).click()
    await page.getByRole('option', { name: 'shattered' }).click()
    await page.getByRole('button', { name: 'Open the tray' }).click()
    await expect(page.getByRole('heading', { name: 'Tray 101' })).toBeVisible()
    await settled(page)
    await page.getByRole('button', { name: 'Measure, ahead' }).click()
    await settled(page)
    for (const figure of ['1.01', '1.00', '1.01']) await readByKeyboard(page, figure)
    await page.getByRole('button', { name: /^Measure Case bore/ }).click()
    for (const figure of ['30.94', '30.95', '30.95', '30.94']) await readByKeyboard(page, figure)
    await page.getByRole('button', { name: 'Match, ahead' }).click()
    await expect(page.getByText('No size yet')).toBeVisible()
    await expect(page.getByRole('radio', { name: /^1 30\.0 × 1\.0 flat mineral nylon 30\.9/ })).toBeChecked()
    await page.getByRole('button', { name: /^Pick and plan/ }).click()
    await expect(page.getByRole('heading', { name: '30.0 × 1.0 flat mineral' })).toBeVisible()
  } finally {
    await server.stop()
    fs.rmSync(home, { recursive: true, force: true })
  }
})
