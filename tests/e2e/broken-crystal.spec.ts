import {
  expect,
  goOn,
  openTrayByKeyboard,
  readByKeyboard,
  standing,
  test,
  tickNext,
  tickThrough,
} from './support/bench'

/** A shattered deckwatch: three places of edge, four of bore, three of wall, two of height, three of opening, two of seat. */
const READINGS = [
  ['Crystal edge thickness, at 12', '1.01'],
  ['Crystal edge thickness, at 4', '1,02'],
  ['Crystal edge thickness, at 8', '1.01'],
  ['Case bore, 12–6', '30.94'],
  ['Case bore, 2–8', '30.95'],
  ['Case bore, 3–9', '30.96'],
  ['Case bore, 4–10', '30.95'],
  ['Gasket wall, place 1', '0.50'],
  ['Gasket wall, place 2', '.50'],
  ['Gasket wall, place 3', '0.49'],
  ['Gasket height, place 1', '1.00'],
  ['Gasket height, place 2', '1.01'],
  ['Opening with gasket, 12–6', '29.95'],
  ['Opening with gasket, 3–9', '29.96'],
  ['Opening with gasket, 2–8', '29.94'],
  ['Seat depth, at 12', '1.05'],
  ['Seat depth, at 6', '1.06'],
] as const

test('a shattered fleet crystal by keyboard, from intake to the press, through a restart, to the next tray', async ({
  page,
  server,
}) => {
  test.setTimeout(400_000)
  const number = await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  await expect(page.getByRole('note', { name: /Hazard: glass splinters/ })).toBeVisible()
  for (const stage of ['Open', 'Decase', 'Measure']) {
    await goOn(page, stage)
  }

  for (const [place, figure] of READINGS) {
    await expect(page.getByTestId('read-next')).toHaveText(place)
    await readByKeyboard(page, figure)
  }
  await expect(page.getByTestId('verdict-size')).toHaveText('30.0')
  await expect(page.getByTestId('verdict-probability')).toHaveText(/9\d\s%/)

  for (const stage of ['Push out', 'Clean']) await goOn(page, stage)

  // A power cut between reading and pick.
  await server.kill()
  await server.start()
  await page.goto(`/trays/${number}?stage=match`)
  expect(await standing(page)).toBe(READINGS.length)

  const rows = page.getByTestId('pair-row')
  await expect(rows.first()).toContainText('30.0 × 1.0 flat mineral')
  await expect(rows.first()).toContainText('as last time')
  await page.keyboard.press('p')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText('Pusher P29')
  await expect(card).toContainText('Support S31.5')
  await expect(card).toContainText('bevel outward')
  await expect(card).toContainText('Eye protection')
  await expect(page.getByTestId('last-time')).toContainText('tray 198')

  // What goes under the press is clean.
  await tickNext(page)
  await page.getByLabel('Note').focus()
  await page.keyboard.type('Snapped home, rim even')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  // The note is in its field while it is typed: it is kept once it stands among the runs.
  await expect(card.getByRole('heading', { name: 'Runs on this tray' })).toBeVisible()
  await expect(card).toContainText('Snapped home, rim even')
  // A run is no reason: what was left undone before it stays open, and the tray stands where it stood.
  await expect(page.getByRole('button', { name: 'Clean, the tray is here' })).toBeVisible()

  await server.stop()
  await server.start()
  await page.goto(`/trays/${number}?stage=press-in`)
  await expect(page.getByRole('region', { name: 'Press card' })).toContainText('Snapped home, rim even')
  await page.goto(`/trays/${number}?stage=measure`)
  expect(await standing(page)).toBe(READINGS.length)

  const next = await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  expect(next).toBe(number + 1)
  await expect(page.getByTestId('last-time')).toContainText(`tray ${number}`)
  await page.goto(`/trays/${next}?stage=match`)
  await expect(page.getByTestId('pair-row').first()).toContainText('as last time')
  await page.keyboard.press('p')
  await expect(page.getByTestId('last-time')).toContainText(`tray ${number}`)
  await expect(page.getByTestId('last-time')).toContainText('Snapped home, rim even')
})

test('the same job with the simulated instruments and no figure typed', async ({ page }) => {
  test.setTimeout(400_000)
  await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  await page.getByRole('button', { name: /^Measure,/ }).click()
  await page.keyboard.press('i')
  await expect(page.getByTestId('read-next')).toHaveText('All read', { timeout: 60_000 })
  expect(await standing(page)).toBe(READINGS.length)
  await page.keyboard.press('i')
  await expect(page.getByTestId('verdict-size')).toHaveText('30.0')
  for (const stage of ['Push out', 'Clean']) await goOn(page, stage)
  await page.getByRole('button', { name: /^Match,/ }).click()
  await page.getByRole('button', { name: /Pick and plan the press/ }).click()
  await expect(page.getByRole('region', { name: 'Press card' })).toContainText('Pusher P29')
  await tickThrough(page, /^Clean the crystal/)
  await page.getByRole('button', { name: 'Log the run' }).click()
  await expect(page.getByRole('heading', { name: 'Runs on this tray' })).toBeVisible()
})
