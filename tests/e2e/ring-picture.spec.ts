import path from 'node:path'
import { expectAccessible } from './support/axe'
import { expect, press, settled, test } from './support/bench'

const SAMPLES = path.join(import.meta.dirname, '../../public/photographs')

test('a ring is read from a picture: found, told with its doubt, its circles set by hand, and kept', async ({
  page,
}) => {
  await page.goto('/trays/217?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await straight.getByRole('button', { name: 'bezel against case' }).click()
  await page.getByRole('button', { name: 'From a picture' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'turned', exact: true }).click()
  const told = dialog.getByRole('status', { name: 'What the picture says' })
  await expect(told).toContainText(/^Turned 0\.9[0-4]° clockwise/)
  await expect(told).toContainText('depth under a tilted camera is in it')
  await expectAccessible(page)

  // A circle drawn off its ticks says so, and is drawn back by keyboard.
  const outside = dialog.getByRole('button', { name: /^dial’s ticks, outside/ })
  const inside = dialog.getByRole('button', { name: /^dial’s ticks, inside/ })
  await inside.focus()
  await press(page, 'Shift+ArrowLeft', 'Shift+ArrowLeft')
  await expect(inside).toBeFocused()
  await expect(outside).toBeVisible()
  await expect(told).toContainText(/^Turned 0\.9[0-4]° clockwise/)
  await dialog.getByLabel('Dial below ring, mm').fill('50')
  await expect(dialog).toContainText('0 to 5 mm')
  await dialog.getByLabel('Dial below ring, mm').fill('0,4')
  await dialog.getByRole('button', { name: 'Keep this look' }).click()
  await expect(dialog).toHaveCount(0)
  await expect(straight.getByRole('status')).toHaveText(/^Turned 0\.9[0-4]° clockwise$/)
})

test('a picture that does not know the tick asks for it, two pictures tell a shift from a tilt, and no ring is no reading', async ({
  page,
}) => {
  await page.goto('/trays/209?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await straight.getByRole('button', { name: 'bezel against case' }).click()
  await page.getByRole('button', { name: 'From a picture' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: '60 equal ticks, no 12' }).click()
  const told = dialog.getByRole('status', { name: 'What the picture says' })
  await expect(told).toContainText('Known but for a multiple of 6°')
  const keep = dialog.getByRole('button', { name: 'Keep this look' })
  await expect(keep).toBeDisabled()
  await told.getByRole('button', { name: '0.50°' }).click()
  await expect(told).toContainText(/^Turned 0\.50° clockwise/)
  await expect(keep).toBeEnabled()

  await dialog.getByRole('button', { name: 'Other picture' }).click()
  await dialog.getByRole('button', { name: 'camera tilted' }).click()
  await expect(told).toContainText(/off-centre 0\.(1|2)\d/)
  await dialog.getByRole('button', { name: 'Second picture' }).click()
  await dialog.getByRole('button', { name: 'tilted, head turned by half' }).click()
  await expect(told).toContainText(/off-centre 0\.0\d ±0\.0\d, by two pictures/)

  await dialog.getByRole('button', { name: 'Other picture' }).click()
  await dialog.getByLabel('Picture file').setInputFiles(path.join(SAMPLES, 'glass-gasket.jpg'))
  await expect(dialog).toContainText('No ring of 60 ticks found')
  await dialog.getByRole('button', { name: 'Close' }).click()
  await expect(straight.getByRole('status')).toHaveText('Not looked at')
})
