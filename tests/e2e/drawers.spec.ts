import fs from 'node:fs'
import type { Page } from '@playwright/test'
import { expectAccessible } from './support/axe'
import { expect, sendLine, settled, test } from './support/bench'

const ROWS = 5000
const BAD = 37

/** A list as suppliers send it: decimal commas, words of their own, a column nobody needs, and some rows that are wrong. */
function messyList(): string {
  const rows = Array.from({ length: ROWS }, (_, i) => {
    const diameter = (18 + (i % 220) / 10).toFixed(1).replace('.', ',')
    const thickness = (0.8 + (i % 22) / 10).toFixed(1).replace('.', ',')
    const glass = ['Mineral', 'sapphire crystal', 'Hardened Mineral Glass'][i % 3] ?? ''
    return [`GX${i}`, diameter, thickness, glass, '7,90', 'while stocks last']
  })
  for (let bad = 0; bad < BAD; bad++) {
    const row = rows[7 + 131 * bad]
    if (row) row[[1, 2, 3, 0][bad % 4] ?? 1] = ['abc', '', 'wood', ''][bad % 4] ?? ''
  }
  return ['Art.-No.;Ø (mm);Thickness;Glass;Net price;Remark', ...rows.map((row) => row.join(';'))].join(
    '\r\n',
  )
}

async function importList(page: Page, text: string): Promise<void> {
  await page.goto('/drawers/import')
  await page.getByLabel('Supplier').fill('Greystone Glass')
  await page
    .getByLabel('List to import')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(text, 'latin1') })
}

test('a messy list of five thousand lines: good rows land, the bad come back as a file, twice changes nothing', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const list = messyList()
  await importList(page, list)
  const would = page.getByRole('region', { name: 'What would land' })
  await expect(would.getByRole('heading')).toHaveText(`${ROWS - BAD} rows would land, ${BAD} would not`)
  await expect(would.getByRole('listitem').first()).toContainText('line 9')
  await expect(would.getByRole('listitem').first()).toContainText('Ø (mm): “abc” is not a figure')
  await page.getByRole('button', { name: `Import ${ROWS - BAD} rows` }).click()
  const landed = page.getByRole('status')
  await expect(landed).toContainText(`${ROWS - BAD} new`, { timeout: 60_000 })
  await expect(landed).toContainText(`${BAD} not taken`)
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the rows not taken' }).click(),
  ])
  const lines = fs
    .readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\n')
  expect(lines).toHaveLength(BAD + 1)
  expect(lines[0]).toBe('Art.-No.,Ø (mm),Thickness,Glass,Net price,Remark,line,what is wrong')
  expect(lines[1]).toContain('abc')

  await importList(page, list)
  await page.getByRole('button', { name: /^Import \d+ rows/ }).click()
  await expect(landed).toContainText(`${ROWS - BAD} as they were`, { timeout: 60_000 })
  await expect(landed).toContainText('0 new')

  await page.goto('/drawers?find=GX100')
  await expect(page.getByRole('gridcell', { name: 'GX100', exact: true })).toBeVisible()
  await page.getByLabel('Find').fill('30.0x1.0 flat sapphire')
  await expect(page.getByTestId('found')).toHaveText(/^\d+ found$/)
  await page.getByLabel('Find').fill('insert 38 ceramic')
  await expect(page.getByTestId('found')).toHaveText('2 found')
  await expect(page.getByRole('tab', { selected: true })).toHaveText('Inserts')
})

test('a list that is none is refused with a reason', async ({ page }) => {
  await importList(page, 'this is no list')
  await expect(page.getByText(/List: no columns found. Save it as CSV or TSV/)).toBeVisible()
  await page
    .getByLabel('List to import')
    .setInputFiles({ name: 'x.csv', mimeType: 'text/csv', buffer: Buffer.from('A;A\n1;2\n') })
  await expect(page.getByText(/heading “A” stands twice/)).toBeVisible()
})

test('what has run low goes out as an order, with a run of sizes beside it', async ({ page }) => {
  await page.goto('/drawers')
  await page.getByRole('link', { name: /^Order \(\d+ low\)/ }).click()
  await expect(page.getByRole('region', { name: 'Greystone Glass' })).toBeVisible()
  const before = await page.getByRole('textbox', { name: /^Order of/ }).count()
  await page.getByLabel('Of each').fill('9')
  await page.getByRole('button', { name: 'Put a run on the list' }).click()
  await expect(page.getByRole('status')).toContainText(/\d+ of 51 sizes put on the list/)
  expect(await page.getByRole('textbox', { name: /^Order of/ }).count()).toBeGreaterThan(before)
  const count = page.getByRole('textbox', { name: /^Order of/ }).first()
  await count.fill('many')
  await page.getByRole('button', { name: 'Save all as CSV' }).click()
  await expect(page.getByText(/type a whole number from 0 to 9999/)).toBeVisible()
  await count.fill('4')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save all as CSV' }).click(),
  ])
  const lines = fs
    .readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\n')
  expect(lines[0]).toContain('Supplier,Supplier’s code')
  expect(lines[1]).toContain(',4,')
  await page.getByLabel('Step, mm').fill('0')
  await page.getByRole('button', { name: 'Put a run on the list' }).click()
  await expect(page.getByText(/Step: 0 mm is less than 0.05 mm/)).toBeVisible()
})

test('a shelf is counted by keyboard and scanner, and its line remembers', async ({ page }) => {
  await page.goto('/drawers/count')
  await page.getByLabel('Shelf').fill('A-02')
  await page.keyboard.press('Enter')
  const line = page.getByRole('form', { name: 'This line' })
  await expect(line).toContainText('31.2 × 1.6 double dome acrylic crystal')
  await expect(page.getByRole('textbox', { name: 'Counted' })).toBeFocused()
  await page.keyboard.type('few')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Counted: type a whole number/)).toBeVisible()
  await page.getByRole('textbox', { name: 'Counted' }).fill('1')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1, 2 fewer')).toBeVisible()
  await expect(line).toContainText('31.3')
  await sendLine(page, 'WH:P:crystal:AT-316')
  await expect(line).toContainText('31.6 × 1.6')
  await page.getByRole('textbox', { name: 'Counted' }).fill('3')
  await page.keyboard.press('Enter')
  await expect(page.getByText('✓ 3')).toBeVisible()
  await page.goto('/drawers?find=AT-312')
  await page.getByRole('gridcell', { name: 'AT-312', exact: true }).click()
  await expect(page.getByRole('region', { name: 'History of its count' })).toContainText('counted')
  await page.getByLabel('Pieces that came').fill('5')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'History of its count' })).toContainText('received')
  await expect(page.getByLabel('Quantity')).toHaveValue('6')
})

test('a scanned label leads to its tray or its drawer from anywhere', async ({ page }) => {
  await page.goto('/trays/217')
  await sendLine(page, 'WH:T:212')
  await expect(page.getByRole('heading', { name: 'Tray 212' })).toBeVisible()
  await settled(page)
  await sendLine(page, 'WH:D:G-11')
  await expect(page.getByLabel('Find')).toHaveValue('@G-11')
  await page.getByLabel('Find').fill('nylon')
  await settled(page)
  await sendLine(page, 'WH:P:gasket:N-310-50-B')
  await expect(page.getByLabel('Find')).toHaveValue('N-310-50-B')
  const pdf = await page.request.get('/api/labels?of=drawers&kind=gasket')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
  await sendLine(page, 'WH:X:41')
  const refusal = page.getByText('“WH:X:41” stands for no tray, drawer or part')
  await expect(refusal).toBeVisible()
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(refusal).toBeHidden()
})

test('the shop’s own limits are set, judged by, and set back', async ({ page }) => {
  await page.goto('/settings')
  const ring = page.getByRole('region', { name: /^Crystal in a ring/ })
  await ring.getByRole('button', { name: 'Change' }).click()
  await ring.getByLabel('nylon, most').fill('0.005')
  await ring.getByRole('button', { name: 'Store' }).click()
  await expect(ring.getByText(/must be below the most, 0.005/)).toBeVisible()
  await ring.getByLabel('nylon, most').fill('0.03')
  await ring.getByRole('button', { name: 'Store' }).click()
  await expect(ring.getByText('1 changed')).toBeVisible()
  await page.goto('/trays/214?stage=match')
  await expect(page.getByText(/nylon wants 0.01–0.03/).first()).toBeVisible()
  await page.goto('/settings')
  await ring.getByRole('button', { name: 'Change' }).click()
  await expect(ring.getByText('built in 0.1 mm, common practice')).toBeVisible()
  await ring.getByLabel('nylon, most').fill('0.1')
  await ring.getByRole('button', { name: 'Store' }).click()
  await expect(ring.getByText('1 changed')).toHaveCount(0)
})

test('the pages behind the drawers have no axe violation', async ({ page }) => {
  for (const address of ['/drawers/import', '/drawers/order', '/drawers/count']) {
    await page.goto(address)
    await expectAccessible(page)
  }
})
