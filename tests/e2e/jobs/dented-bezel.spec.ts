import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a dented bezel that carries crystal and chapter ring: wrong keys refused, its own crystal into the new bezel, the dial never bare', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Corrick Signal 5',
    looks: {
      kind: 'everyday mechanical',
      but: {
        'Crystal held': 'in a removable bezel',
        'Crystal material': 'sapphire',
        'Gap under the bezel': 'gap',
        'Chapter ring': 'loose',
      },
    },
    owner: 'Petra Lowe',
    cameIn: 'whole',
    asked: ['new bezel'],
  })
  await piece.through('Open', 'Measure')
  await piece.read('2.00', '2.00', '2.01')
  await piece.done('Push out')
  const outOrder = page.getByTestId('step')
  await expect(outOrder).toContainText([
    /^Two layers/,
    /^Bezel off/,
    /^Dial covered at once/,
    /^Press the crystal out/,
    /^Chapter ring out of the bezel/,
    /^Crystal gasket/,
  ])
  await piece.work()
  await piece.done('Clean')
  await page.getByTestId('own-crystal').getByRole('button', { name: 'sound' }).click()
  await piece.readThe('Crystal diameter', '30.40', '30.40', '30.40')
  await piece.readThe('Bezel bore for the crystal', '31.35', '31.35', '31.35', '31.35')
  await piece.readThe('Gasket wall', '.50', '.50', '.50')
  await piece.readThe('Wall of the gasket under the bezel', '.60', '.60', '.60')
  await piece.readThe('Seat depth', '2.00', '2.00')
  await piece.readThe('Keys, middle to middle')
  await page.keyboard.type('334')
  await press(page, 'Enter')
  await expect(page.getByText(/334 is outside 6\.00–60\.00 mm. Did the point slip/)).toBeVisible()
  await press(page, 'Escape')
  await piece.read('33.40')
  await piece.readThe('Key width', '1.50', '1.50')
  await piece.readThe('Case neck', '33.00', '33.00', '33.01', '33.00')
  await piece.readThe('Bezel, inside', '34.10', '34.10', '34.10', '34.10')
  await piece.readThe('Bezel, outside', '37.00', '37.00', '37.00')
  await piece.work()
  await piece.done('Match')

  await expect(page.getByTestId('pair-row').first()).toContainText(
    /^1\s*Its own 30\.40 × 2\.00 flat sapphire/,
  )
  await page.getByRole('button', { name: 'Bezel', exact: true }).click()
  const parts = page.getByRole('region', { name: 'Bezel parts' })
  const wrong = parts.getByRole('listitem').filter({ hasText: 'B-370-S1' })
  await expect(wrong).toContainText('keys 33.00, the old bezel’s 33.40: it cannot go on')
  await expect(wrong.getByRole('button', { name: 'Take out' })).toBeHidden()
  const right = parts.getByRole('listitem').filter({ hasText: /B-370-S2 / })
  await right.getByRole('button', { name: 'Take out' }).click()
  await page.getByRole('button', { name: 'Crystal', exact: true }).click()
  await expect(page.getByText('Judged with the new bezel B-370-S2')).toBeVisible()
  await piece.pick()
  // The new bezel's figures are its supplier's until it is read itself; what is read of it counts.
  await piece.look('Clean')
  await piece.readThe('Bezel bore for the crystal', '31.35', '31.36', '31.35', '31.35')
  await piece.readThe('Seat depth', '2.00', '2.00')
  await piece.readThe('Bezel, inside', '34.10', '34.11', '34.10', '34.10')
  await piece.readThe('Bezel, outside', '37.00', '37.00', '37.01')
  await piece.look('Press in')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText(/Its own crystal, ring N-314-50-T .*, bezel ring N-341-6\d-B/)
  await expect(card).toContainText('Off the case: gasket and chapter ring into the bezel')
  await expect(card).toContainText('of bezel, inside its 37.0')
  await piece.work()
  await piece.pressHome()

  // The dial is bared only when the bezel is ready to go on.
  const steps = page.getByTestId('step')
  await expect(steps).toContainText([
    /^New gasket under the bezel/,
    /^Cover off the dial/,
    /^Bezel laid on/,
    /^Press the/,
  ])
  await piece.work(/^Bezel laid on/)
  await piece.pressed('Bezel, light fit', /bears on the bezel only.*Stop as soon as it holds by itself/)
  await piece.work(/^Press the/)
  await piece.pressed('Bezel, final fit', /12 stands at 12.*Stop when no gap is left all round/)
  // Ring and bezel went on anew: both are read off their marks.
  const ring = { 12: '.01', 3: '.02', 6: '0', 9: '-.01' }
  await piece.reads('chapter ring against dial', ring, '✓ Straight')
  await piece.reads('bezel against case', { 12: '.04', 3: '.03', 6: '.03', 9: '.02' }, '✓ Straight')
  await piece.work()
  const lines = page.getByTestId('replay-line')
  await expect(lines.filter({ hasText: /^bezel/ })).toContainText('✓ 1 new')
  await expect(lines.filter({ hasText: /^crystal gasket/ })).toContainText('✓ 1 new')
  await expect(lines.filter({ hasText: /^crystal(?! gasket)/ })).toContainText('✓ 1 back')
  await piece.done('Close')
  await piece.through('Prove', 'Hand back')
  await piece.handBack()

  await Piece.nextOf(page, 'Corrick Signal 5', 'Joss Merrin', 'whole')
  // Its bore was read as it came, before the new bezel: the sheet knows that.
  const pairs = page.getByTestId('pair-row')
  await expect(pairs.filter({ hasText: '30.4 × 2.0 flat sapphire' }).first()).toBeVisible()
})
