import { expect, test } from '../support/bench'
import { Piece } from './Piece'

const STRAIGHT = { 12: '0', 3: '.01', 6: '0', 9: '-.01' }

test('an insert in a steel bezel: the ceramic one stands proud and is refused by its figure, the aluminium one is set with its pip on 12', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Harrowmere Trawler 5',
    looks: { kind: 'diver with turning bezel' },
    owner: 'Sverre Aldous',
    cameIn: 'whole',
    asked: ['bezel insert'],
  })
  const strip = page.getByRole('navigation', { name: 'Stages' })
  await expect(strip.getByRole('button', { name: /^(Decase|Measure|Press in)/ })).toHaveCount(0)
  await piece.work()
  await piece.done('Open')
  await piece.work()
  await piece.done('Push out')
  await piece.work()
  await piece.done('Clean')
  await page.getByTestId('own-insert').getByRole('button', { name: 'bent' }).click()
  await piece.readThe('Insert, outside', '37.81', '37.80', '37.81')
  await piece.readThe('Insert, inside', '30.70', '30.71', '30.70')
  await piece.readThe('Insert thickness', '.80', '.80', '.81')
  await piece.readThe('Recess for the insert', '37.95', '37.96', '37.95')
  await piece.readThe('Recess depth', '.85', '.85', '.86')
  await piece.work()
  await piece.done('Match')

  const inserts = page.getByRole('region', { name: 'Insert', exact: true }).or(page.locator('main')).last()
  await expect(inserts).toContainText('37.9 / 30.6 × 1.0 sloped ceramic')
  await expect(inserts).toContainText('× would stand +0.20 against the bezel’s edge')
  await expect(page.getByText('It is bent and does not go back.')).toBeVisible()
  // Nothing taken: the stage asks why.
  await page.keyboard.press('d')
  const why = page.getByRole('dialog')
  await expect(why).toContainText('no insert taken out, nor its own said to go back')
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  const black = page.getByRole('listitem').filter({ hasText: '37.9 / 30.6 × 0.8 sloped aluminium black' })
  await black.getByRole('button', { name: 'Take out' }).click()
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toContainText('I-379-306-K')
  // Drawn as it will stand, with the cement under it.
  await expect(page.getByText('Insert flush')).toBeVisible()
  await piece.done('Align')
  await expect(page.getByTestId('step').last()).toContainText('pip to 12')
  await piece.work(/pip to 12/)
  await piece.pressed('Insert into its seat', /Rests on .*bezel/)
  await piece.work()
  await page.keyboard.press('d')
  await expect(why).toContainText('say when its wait is over: Clear flexible cement')
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  // While the cement is open it still turns: read off, turned, read again.
  await expect(page.getByRole('region', { name: 'Waits' })).toContainText(
    /Still turns until (\d+ \w+ )?\d\d:\d\d/,
  )
  const off = { 12: '.2', 3: '.2', 6: '.2', 9: '.2' }
  await piece.reads('insert against bezel', off, /^Turned 0\.\d+° clockwise$/)
  await page.keyboard.press('d')
  await expect(why).toContainText(/insert against bezel turned 0\.\d+° clockwise/)
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  await piece.reads('insert against bezel', STRAIGHT, '✓ Straight')
  // A lump of old adhesive shows by heights round it: four places see that it is uneven, six where.
  const level = page.getByRole('region', { name: 'Insert level' })
  await piece.read('.02', '.02', '.14', '.02')
  await expect(level.getByRole('status')).toHaveText(/^Uneven, 0\.\d\d high/)
  await piece.read('.02', '.02')
  await expect(level.getByRole('status')).toHaveText(/^0\.1\d up at 3 alone$/)
  await expect(level).toContainText(
    'A lump lies under it there: lift it, scrape the seat bare, set it again.',
  )
  await page.keyboard.press('d')
  await expect(why).toContainText(/insert 0\.1\d up at 3 alone/)
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  // Lifted and set anew, what was read of it is old.
  await page.getByRole('button', { name: 'insert off again', exact: true }).click()
  await expect(level).toBeHidden()
  await piece.work()
  await expect(level.getByRole('status')).toHaveText(/^Where it looks uneven/)
  await piece.read('.01', '.03', '.02', '.02')
  await expect(level.getByRole('status')).toHaveText('✓ Level within 0.02')
  await piece.reads('insert against bezel', STRAIGHT, '✓ Straight')
  await piece.cutWaits('light-cured cement')
  await piece.done('Close')
  // The head stayed shut: no seal of it is asked about.
  await expect(page.getByRole('region', { name: 'Seals' })).toBeHidden()
  const lines = page.getByTestId('replay-line')
  // The new one that came off once more went back: no second one was taken.
  await expect(lines.filter({ hasText: 'insert' })).toHaveText([/✓ 1 back/, /✓ 1 new/])
  await piece.provedAndBack('nothing runs')
})
