import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a flat mineral to be a domed sapphire: compared, its hands cleared at centre and tips, a cupped die, the turning bezel left on under protection', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Brackwell Trench 8',
    looks: {
      kind: 'diver with turning bezel',
      but: { 'Crystal material': 'mineral', 'Chapter ring': 'none' },
    },
    owner: 'Nell Tarrant',
    cameIn: 'whole',
    asked: ['crystal'],
  })
  await piece.opened('usual')
  await piece.work()
  await piece.done('Measure')
  await piece.read('1.50', '1.50', '1.50')
  await piece.done('Push out')
  await page
    .getByTestId('step')
    .filter({ hasText: /^Bezel off/ })
    .getByRole('button', { expanded: false })
    .first()
    .click()
  await page.getByRole('button', { name: 'left on and protected', exact: true }).click()
  await expect(page.getByTestId('step').filter({ hasText: /^Protect the bezel/ })).toBeVisible()
  await piece.work()
  await piece.done('Clean')
  await piece.readThe('Crystal diameter', '32.00', '32.00', '32.00')
  await piece.readThe('Case bore', '32.94', '32.94', '32.94', '32.94')
  await piece.readThe('Gasket wall', '.50', '.50', '.50')
  await piece.readThe('Gasket height', '1.10', '1.10')
  await piece.readThe('Seat depth', '1.50', '1.50')
  await piece.readThe('Hands below seat', '.62')
  await piece.readThe('Minute hand, from the axis', '11.50')
  await page.getByTestId('own-crystal-gasket').getByRole('button', { name: 'cut' }).click()
  await piece.work()
  await piece.done('Match')
  await page.getByRole('button', { name: 'Compare upgrades' }).click()
  const upgrades = page.getByRole('dialog')
  const row = (name: string) => upgrades.getByRole('row').filter({ hasText: name })
  await expect(row('To the hands at')).toContainText(/0\.94, least at the minute hand’s tip/)
  await expect(row('For the owner')).toContainText('it takes a hollow die')
  await page.keyboard.press('Escape')
  await expect(upgrades).toBeHidden()
  const dome = page.getByTestId('pair-row').filter({ hasText: '32.0 × 1.5 double dome sapphire' }).first()
  // Chosen by pointer; the keys of the page still answer.
  await dome.click()
  await expect(
    page.getByText(/1\.32 from the hands to its underside in the middle, 0\.96 at the minute hand’s tip/),
  ).toBeVisible()
  await expect(
    page.getByText('The old crystal was mineral: tell the owner before changing to sapphire.'),
  ).toBeVisible()
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText(/Pusher PH31 .*recess 2\.5 clears the 1\.0 dome/)
  await expect(card).toContainText('Quarter turn of the case, press again')
  await piece.work()
  await page.getByRole('combobox', { name: 'Support used' }).click()
  await page.getByRole('option', { name: /^S33,/ }).click()
  await piece.logHome()
  const level = page.getByRole('region', { name: 'Level' })
  await expect(level).toContainText('Read the rim’s height round the case')
  // Asked for in order: 12, 6, 3, 9.
  await expect(page.getByTestId('read-next')).toContainText('Rim height')
  await piece.read('.52', '.44', '.48', '.50')
  await expect(level).toContainText('0.08 high between 11 and 12')
  await expect(level).toContainText('push once more')
  await expect(page.getByRole('checkbox', { name: 'Rim level all round' })).toBeDisabled()
  // What is read high is not said to be done.
  await press(page, 'd')
  await expect(page.getByRole('dialog')).toContainText('rim 0.08 high between 11 and 12')
  await press(page, 'Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.getByRole('button', { name: 'Log the run' }).click()
  await expect(level).toContainText('Level after push 2')
  await piece.read('.48', '.46', '.48', '.47')
  await expect(level).toContainText('✓ Level within 0.02')
  await expect(level).toContainText('after the push before: 0.08 high between 11 and 12')
  // A bezel that stayed on under a press may have turned with it.
  await piece.done('Align')
  await piece.reads('bezel against case', { 12: '.03', 3: '.02', 6: '.01', 9: '.02' }, '✓ Straight')
  await expect(page.getByTestId('step')).toContainText([/^Bezel that stayed on/])
  await piece.work()
  await piece.done('Close')
  await piece.work()
  await expect(page.getByTestId('replay-line').filter({ hasText: /^crystal gasket/ })).toContainText(
    '✓ 1 new',
  )
  await piece.done('Prove')
  await piece.work()
  await piece.cutWaits('ran a day before it came in')
  await piece.done('Hand back')
  await piece.handBack()

  await Piece.nextOf(page, 'Brackwell Trench 8', 'Rafe Linton', 'whole')
  await expect(page.getByTestId('pair-row').filter({ hasText: '32.0 × 1.5' }).first()).toBeVisible()
})
