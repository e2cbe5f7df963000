import { expect, OFTEN, openTrayByKeyboard, readByKeyboard, standing, test } from './support/bench'

/** A rim of 30 mm with a chip, as read off squared paper. */
const RIM = Array.from({ length: 26 }, (_, i) => {
  const angle = ((20 + 4.4 * i) * Math.PI) / 180
  const r = i === 9 || i === 10 ? 14.1 : 15
  return `${(40 + r * Math.cos(angle)).toFixed(2)} ${(25 + r * Math.sin(angle)).toFixed(2)}`
}).join('\n')

test('a crystal in pieces: chord, then points, each with its doubt, to a verdict that says enough', async ({
  page,
}) => {
  await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  await page.getByRole('button', { name: /^Measure,/ }).click()
  await page.getByRole('button', { name: /Crystal gone or in pieces/ }).click()
  await page.getByRole('textbox', { name: 'Chord' }).fill('18.0')
  await page.getByRole('textbox', { name: 'Sagitta' }).fill('12')
  await expect(page.getByText(/more than half a circle. Measure across it instead/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep', exact: true })).toBeDisabled()
  await page.getByRole('textbox', { name: 'Sagitta' }).fill('2,98')
  // D = c²/(4h) + h = 30.16; a short arc, and the page says what would do.
  await expect(page.getByTestId('shape-size')).toContainText('30.16 ±')
  await expect(page.getByTestId('shape-size')).toContainText(/For ±0.05 it takes 1\d\d°/)
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('shape')).toContainText('30.16')

  await page.getByRole('button', { name: 'edge points' }).click()
  await page.getByRole('textbox', { name: /^Points along the rim/ }).fill('1 2\n3 4\nfive')
  await expect(page.getByText('line 3: “five” is not two figures')).toBeVisible()
  await page.getByRole('textbox', { name: /^Points along the rim/ }).fill(RIM)
  await expect(page.getByTestId('shape-size')).toContainText('24 of 26 points over 110°')
  await expect(page.getByRole('img', { name: /circle of 30.0\d mm through 24 of 26 points/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByTestId('shape')).toHaveCount(2)
  await expect(page.getByTestId('verdict-size')).toHaveText('30.0')

  await page.getByRole('button', { name: /^Take back chord/ }).click()
  await page.getByRole('textbox', { name: 'Reason' }).fill('chip at the end')
  await page.getByRole('textbox', { name: 'Reason' }).press('Enter')
  await expect(page.getByText('taken back: chip at the end')).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: /^Measure,/ }).click()
  await expect(page.getByTestId('shape')).toHaveCount(2)
  await expect(page.getByTestId('ask-next')).toBeVisible()
})

test('a crystal that was hardly the size for its case is named, and no longer once its readings are taken back', async ({
  page,
}) => {
  await page.goto('/trays/222?stage=measure')
  const aim = (name: RegExp) => page.getByRole('button', { name }).first().click()
  await aim(/Crystal diameter/)
  // Further off than pieces of this case differ: asked about once, and kept.
  await page.keyboard.type('27.36')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Keep 27.36' }).click()
  await expect.poll(() => standing(page), OFTEN).toBe(1)
  for (const figure of ['27.35', '27.37']) await readByKeyboard(page, figure)
  await aim(/Case bore/)
  for (const figure of ['27.75', '27.75', '27.76', '27.75']) await readByKeyboard(page, figure)
  const named = page.getByText(/The old crystal \(27\.36\) was hardly the size its case asks for/)
  await expect(named).toBeVisible()
  for (let left = 7; left > 0; left--) {
    await page.keyboard.press('Backspace')
    await page.getByRole('textbox', { name: 'Reason' }).fill('wrong case')
    await page.getByRole('button', { name: 'Take back', exact: true }).last().click()
    await expect.poll(() => standing(page), OFTEN).toBe(left - 1)
  }
  await expect(named).toHaveCount(0)
})

test('inches are converted and said so', async ({ page }) => {
  await page.goto('/trays/223?stage=measure')
  const bar = page.getByRole('form', { name: 'Reading bar' }).getByRole('textbox')
  await bar.fill('1.234 in')
  await expect(bar).toHaveValue('1.234 in')
  await bar.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: '1.234 in taken as 31.34 mm' })).toBeVisible({
    timeout: 15_000,
  })
})

test('a caliper with a zero error of 0.05 is caught by the gauge block and set right', async ({ page }) => {
  await page.goto('/settings')
  await page.getByLabel('Block or pin').fill('ten')
  await page.getByRole('button', { name: 'Keep the check' }).click()
  await expect(page.getByText('Block: “ten” is not a length')).toBeVisible()
  await page.getByLabel('Block or pin').fill('10.00')
  for (const i of [1, 2, 3]) await page.getByLabel(`Reading ${i}`).fill('10.05')
  await expect(page.getByText('It shows +0.05 on 10.00: take that off')).toBeVisible()
  await page.getByRole('button', { name: 'Keep and take +0.05 off' }).click()
  await expect(page.getByText('Zero offset of Caliper is now +0.050')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Last checks' })).toContainText(
    'Caliper +0.05 on 10.00, taken off',
  )
  // Set back for whoever measures next.
  for (const i of [1, 2, 3]) await page.getByLabel(`Reading ${i}`).fill('10.00')
  await page.getByRole('button', { name: 'Keep and take −0.05 off' }).click()
  await expect(page.getByText('Zero offset of Caliper is now 0.000')).toBeVisible()
})

test('readings and sheets leave as files and come back', async ({ page, request }) => {
  await page.goto('/trays/217?stage=measure')
  const before = await standing(page)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Readings as CSV' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('tray-217-readings.csv')
  const path = await download.path()
  await page.getByLabel('Take readings from CSV').setInputFiles(path)
  await expect(page.getByText(`0 readings taken, ${before} were here already.`)).toBeVisible()
  await page.getByLabel('Take readings from CSV').setInputFiles({
    name: 'x.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('a,b\n1,2\n'),
  })
  await expect(page.getByText(/Nothing taken. line 1.*The heading names no dimension/)).toBeVisible()
  expect(await standing(page)).toBe(before)

  await page.goto('/sheets')
  const sheet = (await (await request.get('/api/sheets/1')).text()).replace('Deckwatch 38', 'Deckwatch 38 B')
  const file = (text: string) => ({ name: 's.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByLabel('Sheets from a file').setInputFiles(file('{"format":"other"}'))
  await expect(page.getByText('This is no case sheet')).toBeVisible()
  await page.getByLabel('Sheets from a file').setInputFiles(file(sheet))
  await expect(page.getByRole('heading', { name: 'Harrowmere Deckwatch 38 B' })).toBeVisible()
  expect((await request.get('/case-sheet.schema.json')).status()).toBe(200)
})
