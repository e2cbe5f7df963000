import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('an acrylic cup over a neck: the bezel that squeezes it is there without being asked, no ring is looked for, and it is pressed home once', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Oakmantle Lantern 4',
    looks: {
      kind: 'old, acrylic',
      but: { 'Crystal held': 'over a neck, under a bezel', Magnifier: 'outside', Back: 'screw notched' },
    },
    owner: 'Runa Wick',
    cameIn: 'whole',
    asked: ['crystal'],
  })
  await piece.opened('usual')
  await piece.takeOff('clamp', 'clamp')
  await piece.work()
  await piece.done('Measure')
  await piece.read('1.20', '1.20', '1.20', '1.40')
  await piece.done('Push out')
  const steps = page.getByTestId('step')
  await expect(steps.filter({ hasText: 'Bezel off: plastic lever in at the gap' })).toBeVisible()
  await expect(page.getByText('Crystal gasket out')).toHaveCount(0)
  await piece.work()
  await piece.done('Clean')
  await expect(page.getByTestId('own-crystal-gasket')).toHaveCount(0)
  await page.getByTestId('own-crystal').getByRole('button', { name: 'scratched' }).click()
  await piece.readThe('Crystal diameter', '29.22', '29.21', '29.22')
  await piece.readThe('Crystal skirt, inside', '27.56', '27.55', '27.55')
  await piece.readThe('Crystal skirt, outside', '29.22', '29.21', '29.22')
  await piece.readThe('Case neck', '27.60', '27.60', '27.61', '27.60')
  // A slip of the hand: ten times as wide is no bezel.
  await page
    .getByRole('button', { name: /Bezel, inside$/ })
    .first()
    .click()
  await page.keyboard.type('291.5')
  await press(page, 'Enter')
  await expect(page.getByText(/291\.5/).first()).toBeVisible()
  await page.keyboard.press('Escape')
  await piece.readThe('Bezel, inside', '29.15', '29.15', '29.16', '29.15')
  await piece.work()
  await piece.done('Match')

  const rows = page.getByTestId('pair-row')
  await expect(rows.first()).toContainText(/^1\s*29\.2 × 1\.2 double dome acrylic/)
  await page.getByRole('button', { name: /all, and why not/ }).click()
  await expect(rows.filter({ hasText: 'crushed by the bezel' }).first()).toContainText(
    'an acrylic skirt wants 1–8 %',
  )
  await expect(page.getByText(/The old crystal had a magnifier, this one has none/)).toBeVisible()
  await piece.pick()
  await piece.work()
  await piece.pressHome()
  await piece.standsAt('Align')
  // Movement and stem are in before the lens is judged; only then the bezel is pressed home, once.
  await expect(steps.filter({ hasText: /^Press the bezel home/ })).toHaveCount(1)
  await piece.movementIn()
  await page.getByRole('checkbox', { name: /^Clamps half-tight/ }).click()
  await expect(page.getByText(/Still off by the parts trail: 2 clamps/).first()).toBeVisible()
  await piece.countBack('2 clamps')
  // Light fit, look, corrected, look: the lens is judged from above by what is read, and no tick does.
  await piece.reads('magnifier against date', { 3: '.3' }, '0.30 clockwise of its mark')
  await expect(page.getByRole('checkbox', { name: /^Magnifier over the date/ })).toBeDisabled()
  await piece.reads('magnifier against date', { 3: '.02' }, '✓ Straight')
  await piece.work(/^Press the bezel home/)
  // One final press, logged as it was done: its step is done with it.
  await piece.pressed('Bezel, final fit', /bears on the bezel only.*Keep off the crystal, the magnifier/)
  await piece.work()
  await piece.done('Close')
  await piece.provedAndBack('ran a day before it came in')

  await Piece.nextOf(page, 'Oakmantle Lantern 4', 'Piet Solder', 'shattered')
  await expect(rows.first()).toContainText('29.2 × 1.2 double dome acrylic')
})
