import { expect, test } from '../support/bench'
import { Piece } from './Piece'

test('acrylic in a case that loads through the front: no back asked, the movement in before the crystal shuts it', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Vessalin Salon',
    looks: {
      kind: 'old, acrylic',
      but: { Back: 'one piece front loader', 'Movement held by': 'back alone' },
    },
    owner: 'Ottilie Sand',
    cameIn: 'shattered',
    asked: ['crystal'],
  })
  const strip = page.getByRole('navigation', { name: 'Stages' })
  await expect(strip.getByRole('button', { name: /^(Decase|Align)/ })).toHaveCount(0)
  await piece.work()
  await piece.done('Open')
  await expect(page.getByText('Open: the back stays closed for this job')).toBeVisible()
  await piece.work()
  await piece.done('Measure')
  await piece.readThe('Crystal edge thickness', '1.40', '1.40', '1.41')
  await piece.readThe('Crystal centre thickness', '1.42')
  await piece.done('Push out')
  // Out comes the crystal, and only then the movement.
  const steps = page.getByTestId('step')
  await expect(steps.first()).toContainText('Squeeze the acrylic at its rim and lift it out')
  await piece.work()
  await expect(page.getByRole('list', { name: 'Came off, in order' })).toContainText(
    /crystal.*stem with crown.*movement/,
  )
  await piece.done('Clean')
  await piece.takeOff('hand', 'hand')
  await piece.work()
  await piece.readThe('Crystal groove', '29.95', '29.95', '29.96', '29.95')
  await piece.readThe('Dome height', '3.10')
  await piece.done('Match')

  const rows = page.getByTestId('pair-row')
  await expect(rows.first()).toContainText(/30\.[12] × 1\.4 double dome acrylic/)
  await page.getByRole('button', { name: /all, and why not/ }).click()
  await expect(rows.filter({ hasText: 'it would craze' }).first()).toContainText(/strained 1\.\d/)
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText('By hand: no press, no dies')
  await expect(card).toContainText(/Claw lift closed evenly.*open the claw.*Press it round with the fingers/)
  await expect(steps.filter({ hasText: 'movement in' })).toBeVisible()
  await page.getByRole('checkbox', { name: /hands on at twelve/ }).click()
  await expect(
    page.getByText('Still off by the parts trail: 2 hands. Count them back there first.').first(),
  ).toBeVisible()
  await piece.countBack('2 hands')
  await piece.work()
  await piece.pressHome()
  await piece.standsAt('Close')
  await expect(page.getByText(/case back/i)).toBeHidden()
  await piece.provedAndBack('ran on the bench overnight')
})
