import { expect, test } from '../support/bench'
import { Piece } from './Piece'

test('a chapter ring set straight: its own crystal and ring out whole and in again, over cement that has cured', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Vessalin Meridian 7',
    looks: { kind: 'everyday mechanical', but: { 'Chapter ring': 'keyed' } },
    owner: 'Ines Corbel',
    cameIn: 'whole',
    asked: ['chapter ring straight'],
  })
  await piece.opened('usual')
  await piece.takeOff('clamp', 'clamp')
  await piece.work()
  await piece.done('Measure')
  await piece.read('1.20', '1.20', '1.20')
  await piece.readThe('Chapter ring, inside', '27.00', '27.00', '27.01')
  await piece.done('Push out')
  // The stage before was scrolled down to its table: this one begins at its top.
  await expect(page.getByRole('heading', { name: 'Push out', exact: true })).toBeInViewport()
  // 27.00 inside the ring: one clear of it is 26.0 at most, though nobody has read the crystal yet.
  const plan = page.getByRole('region', { name: 'Push the crystal out' })
  await expect(plan).toContainText(/Pusher P2[56].*through 27\.0 \(chapter ring, read here\)/)
  await expect(plan).toContainText('read its top edge and add both bevels')
  // The plan for the press stands below: what it keeps off, where it stops. Logged, it shows the step to be done.
  await piece.work(/^Press the crystal out/)
  await expect(plan).toContainText('Keep off the crown, the chapter ring')
  await expect(plan).toContainText('Look for the chapter ring and the crystal’s ring in the support')
  await expect(plan).toContainText(
    /Not known: no figure tells what pushing a crystal out asks, and none is logged/,
  )
  await plan.getByRole('combobox', { name: 'It felt' }).click()
  await page.getByRole('option', { name: 'easy' }).click()
  await plan.getByRole('button', { name: 'Log this press' }).click()
  const heading = page.getByRole('button', { name: /^Push the crystal out/ })
  await expect(heading).toContainText('1 logged, the last done')
  await heading.click()
  await expect(plan).toContainText(/done: lever press by the window, pusher P2[56].*felt easy/)
  await expect(
    page.getByRole('checkbox', { name: 'Press the crystal out from inside', checked: true }),
  ).toBeVisible()
  await piece.work()
  await piece.done('Clean')
  await page.getByTestId('own-crystal').getByRole('button', { name: 'sound' }).click()
  await page.getByTestId('own-crystal-gasket').getByRole('button', { name: 'sound' }).click()
  await piece.readThe('Crystal diameter', '30.01', '30.01', '30.01')
  await piece.readThe('Case bore', '30.94', '30.95', '30.94', '30.94')
  await piece.readThe('Gasket wall', '.50', '.50', '.50')
  await piece.readThe('Gasket height', '1.10', '1.10')
  await piece.readThe('Seat depth', '1.15', '1.15')
  await piece.work()
  await piece.done('Match')

  const rows = page.getByTestId('pair-row')
  await expect(rows.first()).toContainText(/^1\s*Its own 30\.01 × 1\.20.*its own nylon/)
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText('Its own crystal, its own ring')
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toBeHidden()
  // Movement and stem in for reference first; the cement after it holds the press.
  await piece.work()
  await page.getByRole('button', { name: 'Log the run' }).click()
  await expect(card.getByText(/Not pressed yet: Three to six small dots.* min left/)).toBeVisible()
  await piece.cutWaits('cured by light')
  await piece.pressHome()
  await piece.standsAt('Close')
  await expect(
    page
      .getByTestId('replay-line')
      .filter({ hasText: /^crystal/ })
      .first(),
  ).toContainText('✓')
  await piece.movementIn()
  await piece.countBack('2 clamps')
  await piece.provedAndBack('ran a day before it came in')

  await Piece.nextOf(page, 'Vessalin Meridian 7', 'Tove Marden', 'shattered')
  await expect(rows.first()).toContainText('30.0 × 1.2 flat mineral')
})
