import { expect, test } from './support/bench'

test('a notched back says how to set the pins, and takes a chord measured on this piece', async ({
  page,
}) => {
  await page.goto('/trays/214?stage=open')
  // Chord of a circle: 32.4 · sin(π·2/6) = 28.06.
  await expect(page.getByTestId('pin-spacing')).toHaveText('28.06')
  await expect(page.getByRole('img', { name: '6 notches, pins in 1, 3, 5' })).toBeVisible()
  await page.getByRole('button', { name: 'This back differs' }).click()
  const chord = page.getByLabel('Measured chord, notches 2 apart')
  await chord.fill('40')
  await expect(page.getByText('wider than the 38.00 case')).toBeVisible()
  await chord.fill('29,0')
  await expect(page.getByTestId('pin-spacing')).toHaveText('29.00')
})

test('four notches are said to rock, and plate screws are numbered across', async ({ page }) => {
  await page.goto('/trays/223?stage=open')
  await expect(page.getByText('Three pins rock here.')).toBeVisible()
  await page.goto('/trays/205?stage=open')
  await expect(
    page.getByRole('img', { name: '6 screws, turned in the order 1, 4, 2, 5, 3, 6' }),
  ).toBeVisible()
})
