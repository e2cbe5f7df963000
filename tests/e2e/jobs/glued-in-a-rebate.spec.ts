import { expect, test } from '../support/bench'
import { Piece } from './Piece'

test('glass glued in a rebate: no press and no dies, and its cement is on the clock before it closes', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Oakmantle Ferry Square',
    owner: 'Tove Rask',
    cameIn: 'whole',
    asked: ['crystal'],
  })
  await piece.opened('usual')
  await piece.crystalOut(['spacer'], '1.00', '1.00', '1.01')
  await page.getByTestId('own-crystal').getByRole('button', { name: 'chipped' }).click()
  await piece.readThe('Crystal, 12 to 6', '23.99', '23.99', '23.99')
  await piece.readThe('Crystal, 3 to 9', '19.99', '19.99', '19.99')
  await piece.readThe('Rebate, 12 to 6', '24.12', '24.12', '24.12')
  await piece.readThe('Rebate, 3 to 9', '20.10', '20.10', '20.10')
  await piece.readThe('Rebate depth', '1.05', '1.05', '1.05', '1.05')
  await piece.readThe('Corner radius', '2.0', '2.0')
  await piece.work()
  await piece.done('Match')

  await expect(page.getByTestId('pair-row').first()).toContainText('24.0 × 20.0 × 1.0 flat mineral')
  // What was chipped is no choice.
  await expect(page.getByTestId('pair-row').filter({ hasText: 'Its own' })).toHaveCount(0)
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText('Thin unbroken bead of clear cement')
  await expect(card).not.toContainText(/Pusher|Support/)
  await piece.work()
  await piece.pressHome()
  const waits = page.getByRole('region', { name: 'Waits' })
  await expect(waits).toContainText(/^Thin bead of clear cement in the rebate.*: (1 h|59 min) left/)
  await piece.cutWaits('cured by light, wiped before')
  await piece.standsAt('Close')
  await piece.movementIn()
  await piece.countBack('spacer')
  await piece.work()
  await piece.done('Prove')
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack()
})
