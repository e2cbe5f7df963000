import { expect, test } from '../support/bench'
import { Piece } from './Piece'

const CASE = 'Oakmantle Tide'

test('a shattered quartz: its size from the opening alone, hands counted off and on, the old ring not reused', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: CASE,
    looks: { kind: 'dress quartz' },
    owner: 'Ilse Tarnow',
    cameIn: 'shattered',
    asked: ['crystal', 'battery', 'marker re-fixed'],
    ticks: ['Loose applied markers'],
    fields: { 'Water class stated': '3' },
  })
  await piece.opened('usual')
  await piece.crystalOut(['spacer', 'spacer'], '1.01', '1.01', '1.02')

  // Nobody ticks hands off that were not counted.
  await page.getByRole('checkbox', { name: 'Hands off, each in its own pocket' }).click()
  await expect(page.getByText(/^Count the hands on the parts trail first/).first()).toBeVisible()
  await page.getByRole('button', { name: '3 hands off' }).click()
  await expect(page.getByRole('list', { name: 'Came off, in order' })).toContainText('3 hands')
  await piece.work()
  await piece.cutWaits('set under the lamp')
  await page.getByTestId('own-crystal-gasket').getByRole('button', { name: 'cut' }).click()
  await piece.readThe('Opening with gasket', '27.92', '27.93', '27.92')
  await expect(page.getByTestId('verdict-size')).toHaveText('28.0')
  // The size is sure, but no ring can be told yet: nothing is ordered on a guess.
  await piece.look('Match')
  await expect(
    page.getByText(/^Nothing can be called a fit, .* before more is read: case bore/),
  ).toBeVisible()
  await expect(page.getByText('Nearest to order')).toBeHidden()
  await piece.look('Clean')
  await piece.readThe('Gasket wall', '0.45', '0.45', '0.45')
  await piece.leaves('Match', 'the size is sure, the seat is as usual')

  const first = page.getByTestId('pair-row').first()
  await expect(first).toContainText('28.0 × 1.0 flat mineral')
  await expect(page.getByText('its own nylon')).toBeHidden()
  await piece.pick()
  // A figure changed late: the pick rests on another one, says so where it is pressed, and is made anew.
  await piece.look('Clean')
  await piece.takeBack('0.45', 'jaws tilted')
  await piece.readThe('Gasket wall', '0.52')
  await piece.look('Press in')
  const others = 'picked on other figures: gasket wall 0.45 then, 0.47 now'
  await expect(page.getByRole('alert').filter({ hasText: others })).toBeVisible()
  await expect(page.getByRole('button', { name: `Match, ${others}` })).toHaveText(/^≠/)
  await piece.look('Match')
  await piece.pick()
  await expect(page.getByRole('button', { name: 'Match, done' })).toBeVisible()
  await piece.work()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText(/Expect \d+–\d+ N: /)
  await expect(
    card.getByRole('img', { name: /^Stress in the crystal over the pusher’s diameter; P\d/ }),
  ).toBeVisible()
  await expect(card).toContainText(/Hand-start the crystal square/)
  await piece.pressHome()
  await piece.standsAt('Close')
  await expect(page.getByTestId('replay-line').filter({ hasText: 'crystal gasket' })).toContainText('1 new')
  await piece.countBack('3 hands')
  // Nothing is counted back in that holds what is not in yet.
  await piece.refusesBack('2 spacers', /Still off by the parts trail: 1 movement\. Put each back first/)
  await piece.movementIn()
  await piece.countBack('2 spacers')
  await piece.work()
  await piece.done('Prove')
  await piece.testedDry('tight')
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack(/Dry test.*tight: under \d+ µg\/min/)

  await Piece.takenIn(page, { of: CASE, owner: 'Signe Vaal', cameIn: 'whole', asked: ['crystal'] })
  await piece.look('Decase')
  await expect(page.getByTestId('usual-parts')).toContainText('2 spacers')
  await piece.look('Match')
  await expect(page.getByTestId('pair-row').first()).toContainText('28.0 × 1.0 flat mineral')
  // What the sheet has learned from the first piece is not called unknown.
  await page.getByRole('link', { name: CASE }).click()
  await expect(page.getByRole('heading', { name: 'Learned from pieces handed back' })).toBeVisible()
  await expect(page.getByText(/^Not known yet: /)).not.toContainText('gasket wall')
})
