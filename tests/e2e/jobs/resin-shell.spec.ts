import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a new resin shell: no empty stage is walked, screws go back by length, no crown is asked for', async ({
  page,
}) => {
  const piece = await Piece.takenIn(page, {
    of: 'Oakmantle Harbour 9',
    looks: { kind: 'digital in resin' },
    owner: 'Hauke Brandsen',
    cameIn: 'whole',
    asked: ['resin shell'],
  })
  const strip = page.getByRole('navigation', { name: 'Stages' })
  await expect(strip.getByRole('button')).toHaveText(['Intake', 'Open', 'Close', 'Prove', 'Hand back'])
  await piece.work()
  await piece.done('Open')
  await press(page, 'ArrowUp', 'ArrowUp', 'h', 'h', 'h', 'h', 'ArrowDown', 'h', 'h', 'h', 'h')
  await expect(page.getByRole('list', { name: 'Came off, in order' })).toContainText(
    /4 long shell screws4 short shell screws/,
  )
  await piece.work()
  await piece.done('Close')
  await page.getByRole('checkbox', { name: /^Resin shell on/ }).click()
  await expect(
    page.getByText('Still off by the parts trail: 4 long shell screws, 4 short shell screws.').first(),
  ).toBeVisible()
  await piece.countBack('4 short shell screws', '4 long shell screws')
  await piece.work()
  await expect(page.getByTestId('replay-line').filter({ hasText: 'resin shell' })).toContainText('1 new')
  await piece.done('Prove')
  await expect(page.getByRole('checkbox', { name: 'Display whole, every button tried' })).toBeVisible()
  await expect(page.getByText(/crown/i)).toBeHidden()
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack()
})
