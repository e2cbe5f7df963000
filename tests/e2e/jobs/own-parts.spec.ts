import { expect, press, settled, test } from '../support/bench'
import { Piece } from './Piece'

test('a ring seen to be cut is not put back: a new one is asked for and leads', async ({ page }) => {
  await page.goto('/trays/216?stage=match')
  await settled(page)
  const choices = page.getByRole('radiogroup', { name: 'What to draw and pick' })
  const first = choices.getByRole('radio').first()
  await expect(first).toContainText('its own nylon')
  const ring = page.getByTestId('own-crystal-gasket')
  await ring.getByRole('button', { name: 'cut' }).click()
  await expect(first).not.toContainText('its own nylon')
  await expect(ring).toBeHidden()

  await page.getByRole('button', { name: /^Clean/ }).click()
  await expect(ring.getByText('It is cut and does not go back.')).toBeVisible()
  await page.reload()
  await settled(page)
  await expect(first).not.toContainText('its own nylon')
})

test('what nobody looked over cannot be picked, and says so; looked over, it can', async ({ page }) => {
  await page.goto('/trays/212?stage=match')
  await settled(page)
  await page.getByRole('button', { name: /all, and why not/ }).click()
  const own = page.getByRole('radio', { name: /Its own 27/ }).first()
  await own.click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'Its own crystal: look the crystal over first' }),
  ).toBeVisible()
  const pick = page.getByRole('button', { name: /^Pick and plan the press/ })
  await expect(pick).toBeDisabled()

  await page.getByRole('button', { name: /^Clean/ }).click()
  const crystal = page.getByTestId('own-crystal')
  await crystal.getByRole('button', { name: 'scratched' }).click()
  await expect(crystal.getByText('May go back: pick it at Match.')).toBeVisible()
  await page.getByRole('button', { name: /^Match/ }).click()
  await expect(
    page.getByText('Its own crystal looks scratched, though a new one was asked for.'),
  ).toBeVisible()
  await expect(pick).toBeEnabled()
})

test('an insert goes back instead of a new one by keyboard, once it was looked over', async ({ page }) => {
  await page.goto('/trays/226?stage=clean')
  await settled(page)
  const insert = page.getByTestId('own-insert')
  await expect(insert.getByText(/^Look the insert over first/)).toBeVisible()
  await insert.getByRole('button', { name: 'scratched' }).focus()
  await press(page, ' ')
  await insert.getByRole('button', { name: 'Its own goes back' }).focus()
  await press(page, 'Enter')
  await expect(insert.getByText('✓ its own goes back')).toBeVisible()
  await page.reload()
  await settled(page)
  await expect(insert.getByText('✓ its own goes back')).toBeVisible()
})

test('its own bezel goes back though a new one was asked for; a hard back seal and a bent chapter ring do not', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const piece = await Piece.takenIn(page, {
    of: 'Quillfen Signal 2',
    owner: 'Maud Pellow',
    cameIn: 'cracked',
    asked: ['crystal', 'new bezel', 'chapter ring straight'],
  })
  await piece.look('Clean')
  const own = (part: string) => page.getByTestId(`own-${part}`)
  await own('back-seal').getByRole('button', { name: 'sound' }).click()
  await expect(own('back-seal').getByText('Goes back.')).toBeVisible()
  await own('chapter-ring').getByRole('button', { name: 'scratched' }).click()
  await expect(own('chapter-ring').getByText('Goes back.')).toBeVisible()
  const matchOpen = page
    .getByRole('region', { name: 'Work' })
    .getByRole('listitem')
    .filter({ hasText: /^Match/ })
    .last()
  const report = page.getByRole('link', { name: 'Report', exact: true })
  await report.click()
  await expect(matchOpen).toContainText('no bezel taken out, nor its own said to go back')
  await expect(matchOpen).not.toContainText(/no chapter ring|no seals/)
  await press(page, 'Escape')
  await settled(page)

  await piece.look('Clean')
  await own('back-seal').getByRole('button', { name: 'hard' }).click()
  await expect(own('back-seal').getByText('It is hard and does not go back.')).toBeVisible()
  await own('chapter-ring').getByRole('button', { name: 'bent' }).click()
  await own('bezel').getByRole('button', { name: 'scratched' }).click()
  await own('bezel').getByRole('button', { name: 'Its own goes back' }).click()
  await expect(own('bezel').getByText('✓ its own goes back')).toBeVisible()
  await piece.look('Match')
  await expect(page.getByRole('button', { name: 'Seals', exact: true })).toBeVisible()
  await report.click()
  await expect(matchOpen).toContainText('no chapter ring taken out')
  await expect(matchOpen).toContainText('no seals taken out')
  await expect(matchOpen).not.toContainText('no bezel taken out')
  const found = page.getByRole('region', { name: 'Found' })
  await expect(found).toContainText(/Its own bezelscratched/)
})
