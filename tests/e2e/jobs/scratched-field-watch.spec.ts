import { expect, test } from '../support/bench'
import { Piece } from './Piece'

test('a scratched glass out whole: read 1.10 it is 1.0, its own sound ring goes back, a loose back reaches the seals', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Quillfen Field 9',
    looks: { kind: 'everyday mechanical' },
    owner: 'Bram Hollis',
    cameIn: 'whole',
    asked: ['crystal'],
  })
  await piece.opened('too easy')

  // Clamps are counted: a tick alone is refused, and the count goes back as it came.
  await page.getByRole('checkbox', { name: 'Clamps off: screw and clamp stay a pair' }).click()
  await expect(page.getByText(/^Count the clamps on the parts trail first/).first()).toBeVisible()
  await piece.crystalOut(['clamp', 'clamp'], '1.10', '1.10', '1.11')
  await page.getByTestId('own-crystal').getByRole('button', { name: 'scratched' }).click()
  await page.getByTestId('own-crystal-gasket').getByRole('button', { name: 'sound' }).click()
  await piece.readThe('Crystal diameter', '32.01', '32.01', '32.01')
  await piece.readThe('Case bore', '32.94', '32.95', '32.94', '32.94')
  await piece.readThe('Gasket wall', '.50', '.50', '.50')
  await piece.readThe('Gasket height', '1.10', '1.10')
  await piece.readThe('Seat depth', '1.05', '1.05')
  await piece.work()
  await piece.done('Match')

  const pairs = page.getByTestId('pair-row')
  await expect(pairs.first()).toContainText(/^1\s*32\.0 × 1\.0 flat mineral.*its own nylon/)
  await expect(pairs.filter({ hasText: 'Its own 32.01 × 1.10' }).first()).toBeVisible()
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText('Pusher P31')
  // No ring of the shop is wide enough: what would do is said, and how it is pressed all the same.
  await expect(card).toContainText(/Support: none fits\. A ring with an opening of 33\.4/)
  // It is drawn as it would be turned or printed.
  await expect(card).toContainText(/To make: SH\d\d\.\d-33\.\dx1\.0, nylon or acetal/)
  await expect(card.getByRole('link', { name: 'STL' })).toHaveAttribute('href', /role=support&outer=/)
  await expect(card).toContainText('bevel outward')
  await piece.work()
  await page.getByRole('button', { name: 'Log the run' }).click()
  await expect(card).toContainText('Support is missing: choose one.')
  await page.getByRole('combobox', { name: 'Support used' }).click()
  await page.getByRole('option', { name: /^S33,/ }).click()
  await piece.pressHome()
  // The seal never came out of a drawer: the run alone leads nowhere, a reason does.
  await piece.leaves('Close', 'cut from cord by its groove')
  await piece.movementIn()
  await piece.countBack('2 clamps')
  await piece.work()
  // The loose back asked for a new seal, and the trail says that a new one went in.
  await expect(page.getByTestId('replay-line').filter({ hasText: 'back seal' })).toContainText('1 new')
  await expect(page.getByTestId('replay-line').filter({ hasText: 'crystal gasket' })).toContainText('1 back')
  await piece.provedAndBack('ran a day before it came in')

  // The next piece of this case starts from what this one taught.
  await Piece.nextOf(page, 'Quillfen Field 9', 'Edda Quist', 'whole')
  await expect(pairs.first()).toContainText('32.0 × 1.0 flat mineral')
})
