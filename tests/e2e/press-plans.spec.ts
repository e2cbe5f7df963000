import { expect, press, test } from './support/bench'

test('the press card says which press, what it bears on and must not touch, and draws each die’s stress', async ({
  page,
}) => {
  await page.goto('/trays/212?stage=press-in')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card).toContainText(/Would take Lever press by the window: the hand feels the glass slide in/)
  await expect(card).toContainText(/Keep off (the magnifier, )?the crown/)
  await expect(card).toContainText(
    /\d+ runs here, \d+ with this kind of ring elsewhere, and \d+ N by ring and squeeze/,
  )
  const chart = card.getByRole('img', {
    name: /^Stress in the crystal over the pusher’s diameter; P26: \d+ MPa/,
  })
  await expect(chart).toBeVisible()
  await expect(chart).toContainText('too near from 26.5')
  // Where it bears is drawn as well.
  const corner = page.getByRole('group', { name: /^Corner as planned/ })
  await expect(corner.locator('[data-die=pusher]')).toHaveCount(1)
  await expect(corner).toContainText('pusher P26')
  // Both presses of the shop lean, and are known to.
  await expect(card).toContainText(/it pushes its .* 0\.0\d ±0\.0\d further, from \d+ jobs/)
})

test('last time’s settings are one key away, and what is done otherwise is marked', async ({ page }) => {
  await page.goto('/trays/212?stage=press-in')
  const card = page.getByRole('region', { name: 'Press card' })
  await expect(card.getByRole('button', { name: /^As last time, tray 191/ })).toBeVisible()
  await card.getByRole('combobox', { name: 'Pusher used' }).click()
  await page.getByRole('option', { name: /^P25,/ }).click()
  await card.getByRole('textbox', { name: 'Quarter turns' }).fill('2')
  await expect(card).toContainText(/Otherwise than last time: pusher P25 \(last time P26\); quarter turns 2/)
  // What was typed in has the keys until it is left.
  await page.getByRole('heading', { name: '27.0 × 1.0 flat mineral' }).click()
  await press(page, 'a')
  await expect(card.getByRole('combobox', { name: 'Pusher used' })).toHaveText(/^P26,/)
  await expect(card).not.toContainText('Otherwise than last time')
})

test('a die that no drawer has is drawn, saved as files, and gets its line once it is made', async ({
  page,
  request,
}) => {
  const of = (query: string) => request.get(`/api/dies/profile?role=support&recess=7&${query}`)
  const dxf = await of('outer=36.4&opening=31.5&format=dxf')
  expect(dxf.headers()['content-disposition']).toContain('SH36.4-31.5x7.0.dxf')
  expect(await dxf.text()).toContain('LWPOLYLINE')
  expect((await (await of('outer=36.4&opening=31.5&format=stl')).body()).length).toBeGreaterThan(1000)
  for (const [query, words] of [
    ['outer=0&opening=0&format=svg', /Outside 0\.00 mm: a die is 4 to 80/],
    ['outer=900&opening=31.5&format=svg', /Outside 900\.00 mm: a die is 4 to 80/],
    ['outer=36&opening=35.9&format=svg', /so that a ring is left to bear/],
    ['outer=36&opening=31.5&format=step', /Format: svg, dxf or stl/],
    ['outer=wide&opening=31.5&format=svg', /Outside: a figure in mm/],
  ] as const) {
    const refused = await of(query)
    expect(refused.status()).toBe(400)
    expect(await refused.text()).toMatch(words)
  }
  await page.goto(
    '/drawers?kind=die&new=line&code=SH36.4-31.5x7.0&role=support&outerDiameterMm=36.4&openingMm=31.5&recessDepthMm=7',
  )
  const dialog = page.getByRole('dialog', { name: 'New die' })
  await expect(dialog.getByRole('textbox', { name: 'Outer diameter' })).toHaveValue('36.4')
  await dialog.getByRole('textbox', { name: /^Drawer/ }).fill('die block')
  await dialog.getByRole('button', { name: 'Store' }).click()
  await expect(dialog).toBeHidden()
  await page.getByRole('textbox', { name: 'Find' }).fill('SH36.4')
  await expect(page.getByTestId('found')).toHaveText('1 found')
})

test('what presses did is counted for the shop and for each case, with how each press leans', async ({
  page,
}) => {
  await page.goto('/sheets')
  await page.getByRole('link', { name: 'At the press' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('At the press')
  await expect(page.getByRole('main')).toContainText(
    /Lever press by the window\s*pushes its near left 0\.0\d ±0\.0\d further/,
  )
  const told = page.getByRole('region', { name: 'What presses did' })
  await expect(told).toContainText(/Dirt\s*1 of \d+/)
  await expect(told).toContainText(/nylon I\s*\d+ ±\d+ N, \d+ runs/)
  await page.goto('/sheets')
  await page.getByRole('gridcell', { name: 'Dual' }).click()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'What presses did' })).toBeVisible()
  const runs = page.getByRole('region', { name: 'Press runs' })
  for (const verdict of ['cocked', 'not home', 'loose', 'cracked', 'over pressed'])
    await expect(runs).toContainText(`read as ${verdict}`)
  await expect(runs).toContainText('simulated')
})

test('a crystal that the trail has off is not pressed out while back and movement are on', async ({
  page,
}) => {
  await page.goto('/trays/222?stage=push-out')
  const trail = page.getByRole('region', { name: 'Parts trail' })
  const pressed = page.getByRole('checkbox', { name: /^Press the crystal out/ })
  await expect(pressed).toHaveAttribute('aria-checked', 'false')
  await trail.getByRole('button', { name: 'crystal', exact: true }).click()
  await expect(trail.getByRole('list', { name: 'Came off, in order' })).toContainText('crystal')
  await expect(page.getByText(/^The parts trail tells it before its turn.*First at Open: /)).toBeVisible()
  await expect(pressed).toHaveAttribute('aria-checked', 'false')
  await trail.getByRole('button', { name: /^Undo/ }).click()
  await expect(page.getByText(/^The parts trail tells it/)).toHaveCount(0)
})
