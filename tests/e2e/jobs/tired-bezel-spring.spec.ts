import { expect, test } from '../support/bench'
import { Piece } from './Piece'

test('a turning bezel with a tired spring: no blade near its ceramic, no insert seat asked, its clicks counted', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Brackwell Sound 4',
    looks: {
      kind: 'diver with turning bezel',
      but: { Insert: 'ceramic', 'Gap under the bezel': 'gap', 'Clicks a turn': 120 },
    },
    owner: 'Orrin Teale',
    cameIn: 'whole',
    asked: ['bezel off and on'],
  })
  const strip = page.getByRole('navigation', { name: 'Stages' })
  await expect(strip.getByRole('button', { name: /^(Decase|Measure|Match|Press in)/ })).toHaveCount(0)
  await piece.through('Open', 'Push out')
  const ways = page.getByRole('region', { name: 'Bezel off' })
  const way = ways.getByTestId('way')
  await expect(way).toHaveText([/^Nylon or ABS lever/, /^Four-jaw/, /^Rubber grip ball/, /^Steel blade/])
  await expect(way.last()).toContainText(/Blocked\s*ceramic insert: ceramic shatters when pried/)
  await expect(way.last().getByRole('button')).toHaveCount(0)
  // Another school: its steps are the job's from then on.
  await ways.getByRole('button', { name: 'Take it: four-jaw remover' }).click()
  await expect(way.filter({ hasText: '✓ taken' })).toHaveText(/^Four-jaw remover/)
  await expect(page.getByTestId('step').filter({ hasText: 'Bezel off: four jaws' })).toBeVisible()
  // What would not come is written down before it is off, and that it came off clean only once it is.
  const went = async (outcome: string, minutes: string) => {
    await ways.getByRole('button', { name: /^(Write down how it went|One more try)$/ }).click()
    await ways.getByRole('combobox', { name: 'How it went' }).click()
    await page.getByRole('option', { name: outcome, exact: true }).click()
    await ways.getByRole('textbox', { name: 'Minutes' }).fill(minutes)
    await ways.getByRole('button', { name: 'Keep how it went' }).click()
  }
  const tries = ways.getByRole('list', { name: 'Tries' }).getByRole('listitem')
  await went('did not move', '5')
  await expect(tries).toHaveText(/^did not move.*four-jaw remover.*5 min/)
  await went('came off clean', '9')
  await expect(page.getByText(/on by the parts trail: take it off there first/)).toBeVisible()
  // What was refused has the focus: a letter is its own there, and the page's again beside it.
  await page.getByRole('heading', { name: /^Tray \d+$/ }).click()
  // Wrong order: the spring is under the bezel, and going on with it off is asked about.
  await page.keyboard.press('d')
  const why = page.getByRole('dialog')
  await expect(why).toContainText('leave 3 things out')
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  await piece.work()
  await ways.getByRole('button', { name: 'Keep how it went' }).click()
  await expect(tries).toHaveText([/^did not move/, /^came off clean.*9 min/])
  await piece.done('Clean')

  const clean = page.getByTestId('step')
  await expect(clean).toHaveCount(1)
  await expect(clean).toContainText('spring cleaned, spring greased thin')
  await expect(page.getByText('All read')).toBeVisible()
  await piece.work()
  await piece.done('Align')
  // Left and come back to: the tray stands where it stood.
  await page.goto('/')
  await page.goto(`/trays/${piece.number}`)
  await piece.standsAt('Align')
  await expect(
    page.getByTestId('step').filter({ hasText: 'Press the bezel until it clicks home' }),
  ).toBeVisible()
  await piece.work()
  // It went on beside its mark: off once more, counted, and what was done is to do again.
  await page.getByRole('button', { name: 'bezel off again', exact: true }).click()
  await expect(
    page.getByRole('checkbox', { name: /^Press the bezel until it clicks home/ }),
  ).not.toBeChecked()
  await piece.work()
  await expect(page.getByRole('button', { name: 'bezel off again, came off 2 times' })).toBeVisible()
  // Home on its teeth: one click off reads as three degrees.
  await piece.reads('bezel against case', { 12: '0', 3: '0', 6: '.01', 9: '0' }, '✓ Straight')
  await piece.done('Close')
  const lines = page.getByTestId('replay-line')
  await expect(lines.filter({ hasText: 'bezel spring' })).toContainText('✓ 1 back')
  await piece.work()
  await piece.done('Prove')
  await expect(page.getByTestId('step').last()).toContainText('Bezel turned once round: 120 clicks counted')
  // Tried with figures: from then on they say whether it turns as it should, and no tick does.
  const tried = page.getByRole('region', { name: 'Bezel’s action' })
  const keep = async (clicks: string) => {
    await tried.getByRole('textbox', { name: 'Clicks counted' }).fill(clicks)
    await tried.getByRole('textbox', { name: 'Back play' }).fill('.4')
    await tried.getByRole('checkbox', { name: 'Zero on its mark' }).check()
    await tried.getByRole('button', { name: 'Keep what it did' }).click()
  }
  await keep('118')
  await expect(tried.getByRole('status')).toHaveText('118 clicks counted, 120 on the case sheet')
  await tried.getByRole('button', { name: 'Try it again' }).click()
  await keep('120')
  await expect(tried.getByRole('status')).toHaveText('✓ 120 clicks, right')
  await expect(page.getByRole('checkbox', { name: /^Bezel turned once round/ })).toBeDisabled()
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack()

  const next = await Piece.takenIn(page, {
    of: 'Brackwell Sound 4',
    owner: 'Lena Farrow',
    cameIn: 'whole',
    asked: ['bezel off and on'],
  })
  await next.look('Prove')
  await expect(page.getByText('120 clicks counted')).toBeVisible()
  // What this shop saw of a way goes with its case.
  await next.look('Push out')
  const jaws = page.getByTestId('way').filter({ hasText: /^Four-jaw/ })
  await expect(jaws).toContainText(/this case: 2, 1 did not move/)
})
