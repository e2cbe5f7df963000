import { expect, press, settled, test } from './support/bench'

test('the owner’s letter is worded line by line by keyboard, stands on the shop’s paper, and goes with labels', async ({
  page,
}) => {
  await page.goto('/settings')
  await settled(page)
  await page.getByRole('combobox', { name: 'Figures on paper' }).click()
  await page.getByRole('option', { name: '30,02' }).click()
  const hour = page.getByRole('textbox', { name: 'An hour of work' })
  await hour.fill('dear')
  await page.getByRole('button', { name: 'Keep the paper' }).click()
  await expect(page.getByText(/An hour of work: “dear” is not an amount of money/)).toBeVisible()
  await hour.fill('52')
  await press(page, 'Enter')
  await expect(page.getByText('Kept: the next report looks like that.')).toBeVisible()

  await page.goto('/trays/203/report')
  await settled(page)
  const letter = page.getByRole('region', { name: 'For the owner' })
  await expect(letter).toContainText('New crystal: 31,5 × 1,5 flat sapphire')
  await expect(page.getByRole('region', { name: 'Measured' })).toContainText(/31,5\d ± 0,0\d mm/)
  await expect(letter).toContainText('Watch bench of the Skerrow Ferry Line')
  await letter.getByRole('button', { name: /^Word: You told us/ }).focus()
  await press(page, 'Enter')
  const field = letter.getByRole('textbox', { name: 'Line' })
  await field.fill('x'.repeat(401))
  await expect(letter.getByText(/1 characters too many/)).toBeVisible()
  await field.fill('You swim with it every morning.')
  await press(page, 'Control+Enter')
  await expect(field).toBeHidden()
  await expect(letter).toContainText('You swim with it every morning.')
  await letter.getByRole('button', { name: /^Leave out: Asked for/ }).click()
  await expect(letter.getByRole('button', { name: /^As drafted: Asked for/ })).toBeVisible()
  await letter.getByRole('button', { name: 'Add a line of your own' }).click()
  await letter.getByRole('textbox', { name: 'A line of your own' }).fill('Greetings from the pier.')
  await letter.getByRole('button', { name: 'Keep' }).click()
  await expect(letter.getByText('Greetings from the pier.')).toBeVisible()
  // It is kept: another look shows the same.
  await page.reload()
  await settled(page)
  await expect(letter.getByText('You swim with it every morning.')).toBeVisible()
  await expect(letter.getByRole('textbox', { name: 'Message for the owner' })).toHaveValue(/still in work/)
  for (const [file, name] of [
    ['report', 'report-tray-203.pdf'],
    ['labels', 'labels.pdf'],
  ] as const) {
    const answer = await page.request.get(`/api/trays/203/${file}`)
    expect(answer.headers()['content-type']).toBe('application/pdf')
    expect(answer.headers()['content-disposition']).toContain(name)
    expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-')
  }
  // What it was said of when it was here before, beside what is found now.
  await page.goto('/trays/203?stage=intake')
  await settled(page)
  const before = page.getByRole('region', { name: 'Here before' })
  await expect(before).toContainText('tray 153')
  await expect(before.getByRole('row', { name: /^Came in/ })).toContainText('You swim with it every morning.')
})

test('a screwed back is told its torque and its angle once its thread was read', async ({ page }) => {
  await page.goto('/trays/216?stage=close')
  await settled(page)
  const closing = page.getByRole('region', { name: 'Screwing the back home' })
  await expect(closing).toContainText(/Tighten to\s*\d\.\d\d–\d\.\d\d N·m/)
  await expect(
    closing.getByRole('img', { name: /the back turns \d+° until it stands on metal/ }),
  ).toBeVisible()
  await page.goto('/trays/214?stage=close')
  await settled(page)
  await expect(closing).toContainText('Read first: back thread, outside, back thread, pitch.')
})
