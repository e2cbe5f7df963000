import { expect, openTrayByKeyboard, press, settled, test, tickNext } from './support/bench'

test('a stage is left with something open only for a reason, which stays in sight', async ({ page }) => {
  await openTrayByKeyboard(page, 'Deckwatch', 'Signe Vaal')
  await press(page, 'd')
  const dialog = page.getByRole('dialog', { name: /^Intake: leave \d things out\?$/ })
  await expect(dialog.getByRole('list', { name: 'Open' })).toContainText('Photograph it as it came in')
  await expect(dialog.getByRole('textbox', { name: 'Reason' })).toBeFocused()

  // No reason, and a figure an instrument sends: it stays in the dialog, and answers nothing.
  await press(page, 'Enter')
  await expect(dialog.getByText(/Reason is missing: say in a word why/)).toBeVisible()
  await page.keyboard.type('30.02')
  await press(page, 'Enter')
  await expect(dialog.getByText(/Reason: “30.02” is a figure, not a reason/)).toBeVisible()
  await press(page, 'Escape')
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('form', { name: 'Reading bar' }).getByRole('textbox')).toHaveValue('')
  await expect(page.getByRole('button', { name: 'Intake, the tray is here' })).toBeVisible()

  await press(page, 'd')
  await expect(dialog.getByRole('textbox', { name: 'Reason' })).toBeFocused()
  await page.keyboard.type('came in twice, pictures at tray 198')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: 'Open, the tray is here' })).toBeVisible()
  await expect(
    page.getByRole('button', { name: 'Intake, left out: came in twice, pictures at tray 198' }),
  ).toBeVisible()

  // Looked at from afar, the last stage hands nothing back.
  await page.getByRole('button', { name: 'Hand back, ahead' }).click()
  await expect(page.getByRole('region', { name: 'Still open' })).toContainText('crystal and ring not picked')
  await press(page, 'd')
  await expect(page.getByText('Not handed back. It stands at Open: do its stages first.')).toBeVisible()
})

test('a tray is handed back when every proof is done or left out for a reason, by keyboard', async ({
  page,
}) => {
  await page.goto('/trays/205?stage=prove')
  await settled(page)
  await expect(page.getByRole('button', { name: /^Match, left out: renewed a month ago/ })).toBeVisible()
  // A proof is no tick: space goes to what was seen of it, and what is wrong keeps it open.
  const works = page.getByRole('checkbox', { name: /^Crown through all positions/ })
  const rim = page.getByRole('checkbox', { name: /^Rim even all round/ })
  await press(page, ' ')
  await expect(page.getByRole('button', { name: 'all works' })).toBeFocused()
  await press(page, 'Enter')
  await expect(works).toBeChecked()
  await press(page, ' ')
  await expect(page.getByRole('button', { name: 'even', exact: true })).toBeFocused()
  await press(page, 'Tab', 'Enter')
  await expect(page.getByText(/^high on a side \(\d/)).toBeVisible()
  await expect(rim).not.toBeChecked()
  await press(page, ' ')
  await expect(page.getByRole('button', { name: 'even', exact: true })).toBeFocused()
  await press(page, 'Enter')
  await expect(rim).toBeChecked()
  // The pressure test is not done today.
  await page.getByRole('button', { name: /^Leave out: Pressure test, dry/ }).click()
  await expect(page.getByRole('textbox', { name: 'Reason' })).toBeFocused()
  await page.keyboard.type('chamber away for its check; owner told')
  await press(page, 'Enter')
  await expect(page.getByText('left out: chamber away for its check; owner told')).toBeVisible()
  await press(page, 'd')
  await expect(page.getByRole('button', { name: 'Hand back, the tray is here' })).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /^Strap or bracelet on/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Prove, left out: chamber away/ })).toBeVisible()

  await press(page, 'd')
  await expect(
    page.getByText(/Not handed back\..* Hand back: Strap or bracelet on.*; Tell the owner/),
  ).toBeVisible()
  await tickNext(page)
  await tickNext(page)
  await press(page, 'd')
  await expect(page.getByText('This tray was handed back. Its record stays as it is.')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: /^Prove, left out: chamber away/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Leave out/ })).toBeHidden()

  // The owner is told what was not done, and why, on the screen as on paper.
  await page.getByRole('link', { name: 'Report', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Report, tray 205' })).toBeVisible()
  const proved = page.getByRole('region', { name: 'Proved' })
  await expect(proved.getByRole('listitem').filter({ hasText: 'Pressure test, dry' })).toContainText(
    /left out: Pressure test, dry.*“chamber away for its check; owner told”/,
  )
  await expect(proved).toContainText('Rim even all round under the loupe (even)')
  await expect(page.getByRole('region', { name: 'Work' })).toContainText('renewed a month ago')
  const paper = await page.getByRole('link', { name: 'PDF, to print or send' }).getAttribute('href')
  const pdf = await page.request.get(paper ?? '')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
  await press(page, 'Escape')
  await expect(page.getByRole('heading', { name: 'Tray 205' })).toBeVisible()
})
