import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a diver’s two-part back that gave way too easily: its seals sized from their grooves, what was found in the record', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Skerrow Fathom 2',
    looks: {
      kind: 'diver with turning bezel',
      but: { Back: 'screw coin edge', 'Back, across': 33, 'Two-part back': true },
    },
    owner: 'Ambrose Kell',
    cameIn: 'whole',
    asked: ['reseal back and crown'],
    fields: { 'Water class stated': '20' },
  })
  await piece.work()
  await piece.done('Open')
  // No socket of this size: what would do is said, and that a looser one skids.
  await expect(page.getByTestId('socket')).toContainText(
    /No knurled socket of 33\.00–33\.10 .* A looser one skids/,
  )
  await page.getByRole('button', { name: 'too easy', exact: true }).click()
  const thread = page.getByRole('textbox', { name: 'In thread or lip' })
  await thread.fill('grit at 4, two turns bright')
  await page.getByRole('button', { name: 'Note', exact: true }).click()
  await expect(page.getByText('grit at 4, two turns bright')).toBeVisible()
  await piece.through('Decase', 'Clean')
  await piece.readThe('Back seal, thickness', '.78', '.77', '.78')
  await piece.readThe('Back seal, inside', '30.30')
  await piece.readThe('Back groove, inner wall', '30.20', '30.20', '30.21')
  await piece.readThe('Back groove width', '1.05', '1.05', '1.05')
  await piece.readThe('Back groove depth', '.60', '.60', '.60')
  await piece.readThe('Inner back seal, thickness', '.60', '.60', '.60')
  await piece.readThe('Inner back seal, inside', '24.00')
  await piece.readThe('Inner back groove, inner wall', '24.20', '24.20', '24.20')
  await piece.readThe('Inner back groove width', '.80', '.80', '.80')
  await piece.readThe('Inner back groove depth', '.45', '.45', '.45')
  await piece.readThe('Back thread, outside', '32.50', '32.50')
  await piece.readThe('Back thread, pitch', '.40')
  await piece.readThe('Crown tube, outside', '1.75')
  await piece.readThe('Crown bore', '2.75')
  await piece.work()
  await piece.done('Match')

  const seals = page.getByRole('region', { name: 'Seals' })
  await expect(seals).toContainText('Its inside reads 30.30 over a wall of 30.20: it has grown in use.')
  // Nearest the original first: 29.8 when it was new, so 29.5 of the drawers before 29.0.
  await expect(seals.getByRole('listitem').first()).toContainText('29.50 × 0.80 nitrile')
  const inner = page.getByTestId('seal-disc')
  await expect(inner.getByRole('listitem').first()).toContainText('24.00 × 0.60 nitrile')
  await expect(seals).toContainText(/To order: 1\.7 × 0\.\d+: squeezed \d+.%/)
  await seals.getByRole('button', { name: 'Take out' }).first().click()
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toContainText('O-295-80')
  await piece.done('Close')
  // By torque and by angle, on the ring that was taken out, more carefully since it came off so easily.
  const home = page.getByRole('region', { name: 'Screwing the back home' })
  await expect(home).toContainText('On O-295-80, 29.50 × 0.80, out of the drawers for this tray.')
  await expect(home).toContainText(/Tighten to\s*\d\.\d\d–\d\.\d\d N·m/)
  await expect(home).toContainText('came off too easily: clean both threads')
  await expect(page.getByTestId('step').filter({ hasText: 'Two-part back together again' })).toBeVisible()
  await press(page, 'd')
  await expect(page.getByText(/Not moved on to prove: .*1 case back/)).toBeVisible()
  await piece.work()
  await expect(page.getByTestId('replay-line').filter({ hasText: 'back seal' })).toContainText('✓ 1 new')
  await piece.done('Prove')
  await expect(page.getByTestId('step').filter({ hasText: 'Pressure test, dry' })).toContainText(
    /Pressure test, dry, at 25.bar, 125.% of a diver’s 20.bar/,
  )
  // It leaks, the crown is seen to once more, and it is tight: a tick could say neither.
  const dry = page.getByRole('region', { name: 'Dry test' })
  await piece.testedDry('leaks')
  await expect(dry.getByRole('status').first()).toHaveText(
    /^Leaks: 4\d\d µg\/min of air, at most 50 allowed$/,
  )
  await expect(dry).toContainText('it says how much air gets in, and nothing of what the case stands')
  const places = dry.getByRole('region', { name: 'Where it may leak' })
  await expect(places.getByRole('listitem').first()).toContainText('the back came off too easily')
  await places.getByRole('button', { name: 'Back to Close, for the crown and tube' }).click()
  await page.getByRole('textbox', { name: 'Reason' }).fill('the leak changed as the crown was greased')
  await press(page, 'Enter')
  await expect(page.getByText('Back from the dry test.')).toBeVisible()
  await piece.work()
  await piece.done('Prove')
  await piece.testedDry('tight')
  await expect(dry.getByRole('status').first()).toHaveText(
    /^✓ Tight: under \d+ µg\/min of air, at most 50 allowed$/,
  )
  await piece.work(/^Condensation test/)
  // A case that is not warm through shows no mist: the plate has its clock.
  await press(page, 'd')
  const why = page.getByRole('dialog')
  await expect(why).toContainText(/say when its wait is over: Laid on a plate of 40 to 45.°C/)
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  // Nor is the drop laid on it before that is said.
  await page.getByRole('checkbox', { name: /^Condensation test/ }).click()
  await page.getByRole('textbox', { name: 'Plate in °C' }).fill('41')
  await page.getByRole('button', { name: 'clear', exact: true }).click()
  await expect(page.getByText(/^Not while it waits: Laid on a plate/).first()).toBeVisible()
  await piece.cutWaits('41 °C all through by the thermometer')
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack(/In thread or lip.*grit at 4, two turns bright/)
  await page.getByRole('link', { name: 'Report', exact: true }).click()
  const letter = page.getByRole('region', { name: 'For the owner' })
  await expect(letter).toContainText('The case back came off more easily than it should.')
  await expect(letter).toContainText(/Tested dry under \d+\.\d bar: it is tight\./)
  await expect(letter.getByRole('textbox', { name: 'Message for the owner' })).toHaveValue(
    /Fathom 2 is ready\./,
  )
  const told = page.getByRole('main').getByRole('listitem')
  await expect(told.filter({ hasText: /^Dry test.*tight: under \d+ µg\/min/ })).toBeVisible()
  await expect(told.filter({ hasText: /^Leak looked for.*changed as the crown was greased/ })).toBeVisible()
  await press(page, 'Escape')
  // What was found stands in the record that was handed back.
  await piece.look('Open')
  await expect(page.getByText('grit at 4, two turns bright')).toBeVisible()

  const next = await Piece.takenIn(page, {
    of: 'Skerrow Fathom 2',
    owner: 'Ina Corrie',
    cameIn: 'whole',
    asked: ['reseal back and crown'],
  })
  await next.look('Match')
  await expect(seals.getByRole('listitem').first()).toContainText('29.50 × 0.80 nitrile')
})
