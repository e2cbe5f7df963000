import { expect, settled, test } from '../support/bench'
import { Piece } from './Piece'

test('a cracked dome whose ring is not there: ordered, booked in, pressed under film; cover, cell and spacers all back', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Oakmantle Chrono 3',
    looks: {
      kind: 'digital in resin',
      but: {
        Movement: 'hands and digital',
        Bezel: 'none',
        Crown: 'push pull',
        'Stem release': 'push pin',
        'Crystal profile': 'single dome',
        'Back screws': 4,
      },
    },
    owner: 'Ada Penrose',
    cameIn: 'cracked',
    asked: ['crystal'],
    fields: { 'Water class stated': '3' },
  })
  await piece.work()
  await piece.done('Open')
  await page.getByRole('button', { name: 'usual', exact: true }).click()
  await piece.takeOff('back screw', 'back screw', 'back screw', 'back screw', 'case back')
  await piece.takeOff('circuit cover', 'cover screw', 'cover screw', 'cover screw', 'cover screw')
  await piece.takeOff('spring or contact')
  await piece.work()
  await piece.done('Decase')
  // Spacers fall out unnoticed: a tick alone does not say how many there were.
  await page.getByRole('checkbox', { name: /^Rubber spacers out/ }).click()
  await expect(page.getByText(/^Count the spacers on the parts trail first/).first()).toBeVisible()
  await piece.takeOff('stem with crown', 'spacer', 'spacer')
  await piece.work()
  await piece.done('Measure')
  await piece.read('2.50', '2.50', '2.50', '3.50')
  await piece.done('Push out')
  await piece.work()
  await piece.done('Clean')
  await piece.readThe('Crystal diameter', '37.00', '37.00', '37.00')
  await piece.readThe('Case bore', '37.93', '37.93', '37.93', '37.93')
  await piece.readThe('Gasket wall', '.50', '.50', '.50')
  await piece.readThe('Gasket height', '2.00', '2.00')
  await piece.readThe('Seat depth', '2.50', '2.50')
  await piece.work()
  await piece.done('Match')

  const pairs = page.getByTestId('pair-row')
  await expect(
    page.getByText(
      /37\.0 × 2\.5 with nylon 37\.9\/0\.50, 1\.5 high or more.*the crystal is here, MD-370-25.*only the ring to order/,
    ),
  ).toBeVisible()
  await expect(page.getByText('Nothing in the drawers fits')).toBeVisible()
  await page.goto('/drawers/order')
  await expect(
    page.getByRole('textbox', { name: 'Order of 37.9 × 0.50 × 2.0 nylon clear gasket' }),
  ).toHaveValue('2')
  // It came: booked in where it lies, and the tray has it at once.
  await page.goto('/drawers?kind=gasket&find=N-379-50-T')
  await page.getByRole('gridcell', { name: 'N-379-50-T', exact: true }).click()
  await page.getByLabel('Pieces that came').fill('2')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'History of its count' })).toContainText('received')
  await page.goto(`/trays/${piece.number}`)
  await piece.standsAt('Match')
  await expect(pairs.first()).toContainText(/37\.0 × 2\.5 .*dome.*nylon 37\.9\/0\.50/)
  await settled(page)
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText(
    /Pusher PH36a aluminium.*recess 2\.5 clears the 1\.0 dome; aluminium marks: cloth or film between/,
  )
  await expect(card).toContainText(/Cushion soft cloth or film on the aluminium pusher/)
  await piece.work()
  await page.getByRole('button', { name: 'Screw press with load cell' }).click()
  const cell = page.getByRole('region', { name: 'Force over travel' })
  await cell.getByRole('button', { name: /^Start the run/ }).click()
  await expect(cell.getByRole('status')).toContainText(/^Good, \d\d\s%$/, { timeout: 60_000 })
  await piece.pressHome()
  await piece.standsAt('Close')
  // The run is kept whole, and can be looked at again and taken away.
  await piece.look('Press in')
  await page.getByRole('button', { name: 'curve: good' }).click()
  await expect(page.getByRole('img', { name: /^Force over travel, \d+ readings; contact/ })).toBeVisible()
  const file = await page.request.get(
    (await page.getByRole('link', { name: 'Readings as CSV' }).getAttribute('href')) ?? '',
  )
  expect((await file.text()).split('\n')[0]).toBe('time_ms,travel_mm,force_n')
  await piece.look('Close')
  await piece.movementIn()
  await piece.countBack('2 spacers')
  await piece.countBack('spring or contact', '4 cover screws')
  // Screwed down before the glass was looked at it would have to come off again.
  await piece.refusesBack('4 back screws', /^First at Close: /)
  await piece.work(/^Plate on/)
  await piece.countBack('4 back screws')
  await piece.work()
  await expect(page.getByTestId('replay-line').filter({ hasText: /^cell/ })).toContainText('✓')
  await piece.done('Prove')
  await piece.testedDry('tight')
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack(/Dry test.*tight: under \d+ µg\/min/)

  await Piece.nextOf(page, 'Oakmantle Chrono 3', 'Rafe Linton', 'cracked')
  await expect(pairs.first()).toContainText(/37\.0 × 2\.5 .*nylon 37\.9\/0\.50/)
})
