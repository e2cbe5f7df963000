import type { Page } from '@playwright/test'
import { expectAccessible } from './support/axe'
import { expect, openTrayByKeyboard, test } from './support/bench'

const FOUR_PIECES = 'public/photographs/crystal-in-four.jpg'

async function openGauge(page: Page) {
  await page.getByRole('button', { name: 'Photo gauge' }).click()
  await expect(page.getByRole('dialog', { name: 'Photo gauge' })).toBeVisible()
}

const edges = (page: Page) => page.getByRole('list', { name: 'Edges' }).getByRole('button')
const picture = (page: Page) => page.getByLabel('Picture file')

test('a crystal in four pieces, from a simulated photograph to a pick', async ({ page }) => {
  test.setTimeout(400_000)
  await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  await page.getByRole('button', { name: /^Measure,/ }).click()
  await openGauge(page)
  await page.getByRole('button', { name: 'a mineral crystal in four pieces' }).click()
  await expect(edges(page).first()).toBeVisible({ timeout: 30_000 })
  // By the keyboard: every piece of the rim in the list.
  for (let piece = 0; piece < 4; piece++) {
    await edges(page).nth(piece).focus()
    await page.keyboard.press('Space')
    await expect(edges(page).nth(piece)).toHaveAttribute('aria-pressed', 'true')
  }
  // Rendered with a crystal of 30.02: known truth, inside the stated doubt.
  const shown = (await page.getByTestId('photo-size').textContent()) ?? ''
  const [, value, doubt] = /(\d+\.\d+)\s*±(\d+\.\d+)/.exec(shown) ?? []
  expect(Math.abs(Number(value) - 30.02)).toBeLessThanOrEqual(Number(doubt))
  expect(Number(doubt)).toBeLessThan(0.1)
  await page.getByRole('button', { name: 'Keep with its picture' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page.getByTestId('shape')).toContainText('Crystal diameter from a picture: 4 edges')
  await expect(page.getByTestId('verdict-size')).toHaveText('30.0')

  // The past as a switch: what it weighs is said, and the verdict goes on without it.
  await expect(page.getByTestId('past-weight')).toContainText(/30.0 served \d+ of \d+ done here before/)
  const sure = Number.parseInt((await page.getByTestId('verdict-probability').textContent()) ?? '', 10)
  await page.getByRole('button', { name: 'Leave the past out' }).click()
  await expect(page.getByTestId('past-weight')).toContainText('The past is left out')
  const alone = Number.parseInt((await page.getByTestId('verdict-probability').textContent()) ?? '', 10)
  expect(alone).toBeLessThan(sure)

  await page.getByRole('button', { name: /^Match,/ }).click()
  await expect(page.getByRole('button', { name: /^Pick/ }).first()).toBeVisible()
  await page.getByRole('button', { name: /^Pick/ }).first().click()
  await expect(page.getByRole('button', { name: /^Press in,/ })).toHaveAttribute('aria-current', /.+/)
})

test('an insert’s outer and inner circle, by clicking its edges', async ({ page }) => {
  test.setTimeout(400_000)
  await page.goto('/trays/226?stage=measure')
  await openGauge(page)
  await page.getByRole('button', { name: 'an aluminium bezel insert' }).click()
  await expect(edges(page)).not.toHaveCount(0, { timeout: 30_000 })
  for (const [dimension, side, truth] of [
    ['Insert, outside', /outline/, 37.94],
    ['Insert, inside', /hole/, 30.64],
  ] as const) {
    await page.getByRole('combobox', { name: 'What is read' }).click()
    await page.getByRole('option', { name: dimension }).click()
    await edges(page).filter({ hasText: side }).first().click()
    const shown = (await page.getByTestId('photo-size').textContent()) ?? ''
    const [, value, doubt] = /(\d+\.\d+)\s*±(\d+\.\d+)/.exec(shown) ?? []
    expect(Math.abs(Number(value) - truth)).toBeLessThanOrEqual(Number(doubt))
    await page.getByRole('button', { name: 'Keep with its picture' }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
    if (side.source === 'outline') {
      await openGauge(page)
      await page.getByRole('button', { name: 'an aluminium bezel insert' }).click()
      await expect(edges(page)).not.toHaveCount(0, { timeout: 30_000 })
    }
  }
  await expect(page.getByTestId('step-insert-outer')).toContainText(/^Insert, outside (37.90|38.00)/)
  await expect(page.getByTestId('step-insert-inner')).toBeVisible()
})

test('bad pictures are refused with a reason, and corners can be set by hand', async ({ page }) => {
  test.setTimeout(400_000)
  await page.goto('/trays/224?stage=measure')
  await openGauge(page)
  const fs = await import('node:fs')
  const whole = fs.readFileSync(FOUR_PIECES)
  await picture(page).setInputFiles({
    name: 'cut.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('not a picture at all'),
  })
  await expect(page.getByText(/this file is damaged or no picture that can be read/)).toBeVisible()
  await picture(page).setInputFiles({
    name: 'half.jpg',
    mimeType: 'image/jpeg',
    buffer: whole.subarray(0, 9000),
  })
  await expect(page.getByText(/damaged or no picture|Corner marks not found/)).toBeVisible()
  // A picture of nothing: the demo's own drawing of a table.
  const sharp = (await import('sharp')).default
  const nothing = await sharp({ create: { width: 900, height: 700, channels: 3, background: '#b8a58a' } })
    .jpeg()
    .toBuffer()
  const file = { name: 'cat.jpg', mimeType: 'image/jpeg', buffer: nothing }
  const other = page.getByLabel('Another picture')
  await ((await other.count()) > 0 ? other : picture(page)).setInputFiles(file)
  await expect(page.getByText(/Corner marks not found/)).toBeVisible()

  await page.getByLabel('Another picture').setInputFiles(FOUR_PIECES)
  await page.getByRole('textbox', { name: /Level bar/ }).fill('99.4')
  await expect(edges(page).first()).toBeVisible({ timeout: 30_000 })
  // A print nobody measured has no length: it is asked for, not taken from the drawing.
  await page.getByRole('textbox', { name: /Level bar/ }).fill('')
  await expect(page.getByText(/Level bar is missing: type it in mm/)).toBeVisible({ timeout: 30_000 })
  await page.getByRole('textbox', { name: /Level bar/ }).fill('99.4')
  await expect(edges(page).first()).toBeVisible({ timeout: 30_000 })
  await page.getByRole('textbox', { name: /Level bar/ }).fill('80')
  await expect(
    page.getByText(/Level bar: 80 mm is outside 94.0–106.0 mm. Print the sheet at 100 %/),
  ).toBeVisible()
  await page.getByRole('textbox', { name: /Level bar/ }).fill('99.4')
  await expect(edges(page).first()).toBeVisible({ timeout: 30_000 })
  // A handle far off its mark is no corner; back on it, the edges are there again.
  const first = page.getByRole('button', { name: /^first corner/ })
  await first.focus()
  for (let i = 0; i < 14; i++) await page.keyboard.press('Shift+ArrowDown')
  await expect(
    page.getByText(/Corner marks: the four places do not sit on four marks|Sheet: its marks/),
  ).toBeVisible()
  for (let i = 0; i < 14; i++) await page.keyboard.press('Shift+ArrowUp')
  await expect(edges(page).first()).toBeVisible({ timeout: 30_000 })
  await expectAccessible(page, '[role="dialog"]')
})

test('the gauge sheet prints at true size, as SVG and PDF', async ({ request }) => {
  const svg = await (await request.get('/api/gauge-sheet?format=svg')).text()
  expect(svg).toContain('width="297mm" height="210mm" viewBox="0 0 297 210"')
  const pdf = await request.get('/api/gauge-sheet')
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
  expect((await request.get('/api/gauge-sheet?format=doc')).status()).toBe(400)
})
