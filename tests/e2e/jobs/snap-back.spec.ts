import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a snap back: laid on by hand and looked at, then pressed on its rim, its support clear of the glass', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Tallowmere Vesper 6',
    looks: { kind: 'dress quartz', but: { 'Crown at': 3 } },
    owner: 'Della Marsh',
    cameIn: 'whole',
    asked: ['battery'],
    fields: { 'Water class stated': '3' },
  })
  await piece.work()
  await piece.done('Open')
  // Nobody has noted where the lip is, nor how wide the back is: both are written on the sheet, and the tray knows.
  await page.getByRole('link', { name: 'To the sheet' }).click()
  await page.getByRole('button', { name: 'Edit the sheet' }).click()
  const sheet = page.getByRole('dialog')
  const across = sheet.getByRole('textbox', { name: 'Back, across', exact: true })
  await across.fill('356')
  await sheet.getByRole('button', { name: 'Store' }).click()
  await expect(sheet.getByText(/Back, across: 356 mm is outside 12\.00–60\.00/)).toBeVisible()
  await across.fill('35,6')
  await sheet.getByRole('textbox', { name: 'Lip at', exact: true }).fill('6')
  await sheet.getByRole('textbox', { name: 'Crystal diameter', exact: true }).fill('31')
  await sheet.getByRole('button', { name: 'Store' }).click()
  await expect(sheet).toBeHidden()
  await page.goto(`/trays/${piece.number}`)
  await expect(page.getByText('The lip is at 6, seen from behind')).toBeVisible()
  await expect(page.getByRole('link', { name: 'To the sheet' })).toBeHidden()
  await page.getByRole('button', { name: 'usual', exact: true }).click()
  await piece.through('Clean', 'Close')

  const backOn = page.getByTestId('step').filter({ hasText: 'Back pressed home on its rim' })
  await backOn.getByRole('button', { expanded: false }).first().click()
  await expect(backOn).toContainText('the dies of its plan, under “At the press”')
  // Wrong order: the tray is not left while the back is still off.
  await press(page, 'd')
  await expect(page.getByText(/Not moved on to prove: .*1 case back/)).toBeVisible()
  // The press is planned and logged where it is done.
  const plan = page.getByRole('region', { name: 'Snap the back on' })
  await expect(plan).toContainText(
    'Would take Screw press with load cell: it holds, can be turned and looked at',
  )
  await expect(plan).toContainText(/Pusher PH34.*1\.6 under the 35\.6 back, so it bears on its rim/)
  await expect(plan).toContainText('P33 and smaller would dish it')
  await expect(plan).toContainText(/Support S32.*clears the 31\.0 crystal, so it bears on the case/)
  await expect(plan.getByText(/^Not yet\. First at Close: /)).toBeVisible()
  await expect(plan.getByRole('button', { name: 'Log this press' })).toHaveCount(0)
  await piece.work(/^Back pressed home/)
  await plan.getByRole('textbox', { name: 'Peak force' }).fill('9999')
  await plan.getByRole('button', { name: 'Log this press' }).click()
  await expect(plan.getByText(/Peak force: 9999 N is outside 1\.00–5000\.00 N/)).toBeVisible()
  await plan.getByRole('textbox', { name: 'Peak force' }).fill('140')
  await plan.getByRole('button', { name: 'Log this press' }).click()
  const heading = page.getByRole('button', { name: /^Snap the back on/ })
  await expect(heading).toContainText('1 logged, the last done')
  await heading.click()
  await expect(plan).toContainText(
    /done: screw press with load cell, pusher PH34, support S32.*at most 140 N/,
  )
  await expect(plan).toContainText(/1 of 5 logged here with a force/)
  await piece.work()
  await expect(page.getByTestId('replay-line').filter({ hasText: /^cell/ })).toContainText('✓ 1 new')
  await piece.done('Prove')
  await piece.testedDry('tight')
  await piece.work()
  await piece.done('Hand back')
  await piece.handBack(/Dry test.*tight: under \d+ µg\/min/)

  const next = await Piece.takenIn(page, {
    of: 'Tallowmere Vesper 6',
    owner: 'Hugh Carrow',
    cameIn: 'whole',
    asked: ['battery'],
  })
  await next.look('Close')
  await expect(plan).toContainText(/Last time \(tray \d+, .*pusher PH34, screw press with load cell, 140 N/)
  await expect(
    page.getByTestId('step').filter({ hasText: /^Back laid on with its recess to the stem/ }),
  ).toBeVisible()
})
