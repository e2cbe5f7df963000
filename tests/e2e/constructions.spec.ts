import { expect, goOn, openTrayByKeyboard, press, test, tickThrough } from './support/bench'

/** Every construction the trade knows beside glass in a ring gasket, which the other tests live on. */
const JOBS = [
  {
    name: 'glass over a neck',
    words: 'Bosun',
    fits: /29\.[89] × 1\.2 flat mineral/,
    why: /The bezel squeezes the nylon ring \d+\s% of 3–20\s%/,
    planned: /as planned: 29\.[89] × 1\.2 in ring 0\.(35|40)/,
    pressed: false,
    step: /New ring round the crystal, both square on the neck/,
  },
  {
    name: 'an acrylic cup over a neck',
    words: 'Quay',
    fits: /29\.2 × 1\.2 double dome acrylic/,
    why: /squeezes the acrylic skirt, which is its own seal/,
    planned: /as planned: 29\.2 × 1\.2$/,
    pressed: false,
    step: /Crystal square over the neck/,
  },
  {
    name: 'acrylic in a groove',
    words: 'Promenade',
    fits: /30\.[12] × 1\.4 double dome acrylic/,
    why: /where acrylic crazes from 1\.0\s% on/,
    planned: /as planned: 30\.[12] × 1\.4$/,
    pressed: false,
    step: /it springs into the groove/,
  },
  {
    name: 'acrylic with a metal ring',
    words: 'Compass',
    fits: /31\.5 × 1\.6 double dome acrylic/,
    why: /its metal ring spreads it, so it must not be pressed on the dome/,
    planned: /as planned: 31\.5 × 1\.6$/,
    pressed: true,
    step: /Hollow die on the edge, never on the dome/,
  },
  {
    name: 'a shaped crystal in its rebate',
    words: 'Ferry Square',
    fits: /24\.0 × 20\.0 × 1\.0 flat mineral/,
    why: /Corners of 2\.0 leave 0\.\d\d/,
    planned: /as planned: 24\.0 × 20\.0 × 1\.0$/,
    pressed: false,
    step: /Thin unbroken bead of clear cement/,
  },
  {
    name: 'a round crystal in cement',
    words: 'Parlour',
    fits: /2[67]\.\d × 1\.0 flat mineral/,
    why: /of 0\.\d\d–0\.\d\d for the cement/,
    planned: /as planned: 2[67]\.\d × 1\.0$/,
    pressed: false,
    step: /Thin unbroken bead of clear cement/,
  },
  {
    name: 'a removable bezel with both its rings',
    words: 'Signal',
    fits: /30\.[45] × 2\.0 flat sapphire/,
    why: /Interference 0\.\d\d of 0\.01–0\.10/,
    planned: /as planned: 30\.[45] × 2\.0 in ring 0\.(45|50)/,
    pressed: true,
    step: /Off the case: gasket and chapter ring into the bezel/,
  },
] as const

for (const job of JOBS) {
  test(`${job.name}: from readings to a logged fitting`, async ({ page }) => {
    test.setTimeout(400_000)
    await openTrayByKeyboard(page, job.words, 'Skerrow Ferry Line')
    await page.getByRole('button', { name: /^Measure,/ }).click()
    // Instruments on the simulated bench read the whole plan of this construction.
    await page.keyboard.press('i')
    await expect(page.getByTestId('read-next')).toHaveText('All read', { timeout: 100_000 })
    await page.keyboard.press('i')
    for (const stage of ['Push out', 'Clean']) await goOn(page, stage)
    await page.getByRole('button', { name: /^Match/ }).click()
    const best = page.getByTestId('pair-row').first()
    await expect(best).toContainText(job.fits)
    await expect(page.getByRole('list').filter({ hasText: job.why })).toBeVisible()
    // The drawing says in its title what it shows.
    await expect(page.getByRole('group', { name: /^Section/ })).toHaveAccessibleName(job.planned)
    if (job.words === 'Signal') {
      await expect(page.getByLabel('Second ring, between bezel and case')).toContainText('for Signal 2')
    }
    await press(page, 'p')
    const card = page.getByRole('region', { name: 'Press card' })
    await expect(card).toContainText(job.step)
    await expect(page.getByRole('region', { name: 'Out of the drawers' })).toContainText(
      'for this tray: crystal',
    )
    // It is clean, and what it shuts in is in before it.
    const isShutIn = job.words === 'Signal'
    await tickThrough(page, isShutIn ? /^Chapter ring and new gasket into the bezel/ : /^Clean the crystal/)
    if (job.pressed) {
      await expect(card.getByText(/^Pusher P/)).toBeVisible()
      await card.getByRole('button', { name: 'Log the run' }).click()
    } else {
      await expect(card.getByText('By hand: no press, no dies')).toBeVisible()
      await card.getByRole('button', { name: 'Log the fitting' }).click()
    }
    await expect(page.getByRole('heading', { name: 'Runs on this tray' })).toBeVisible()
  })
}

test('an upgrade is compared side by side, drawn and picked; what is not used goes back', async ({
  page,
}) => {
  test.setTimeout(400_000)
  await openTrayByKeyboard(page, 'Deckwatch', 'Skerrow Ferry Line')
  await page.getByRole('button', { name: /^Measure,/ }).click()
  await page.keyboard.press('i')
  await expect(page.getByTestId('read-next')).toHaveText('All read', { timeout: 80_000 })
  await page.keyboard.press('i')
  await page.getByRole('button', { name: /^Match/ }).click()
  await page.getByRole('button', { name: 'Compare upgrades' }).click()
  const table = page.getByRole('dialog', { name: 'Side by side on this case' })
  await expect(table.getByRole('columnheader').nth(0)).toBeVisible()
  await expect(table.getByRole('row', { name: /^Price/ })).toContainText('(+')
  await table.getByRole('button', { name: 'Draw flat sapphire' }).click()
  await expect(table).toBeHidden()
  await expect(page.getByRole('radio', { checked: true })).toContainText('sapphire')
  await page.getByRole('button', { name: /^Pick and plan/ }).click()
  await expect(page.getByRole('region', { name: 'Press card' })).toContainText('flat sapphire')
  const out = page.getByRole('region', { name: 'Out of the drawers' })
  await expect(out.getByRole('button', { name: 'Put back' })).toHaveCount(2)
  await out.getByRole('button', { name: 'Put back' }).first().click()
  await expect(out.getByRole('button', { name: 'Put back' })).toHaveCount(1)
})

test('a removable bezel, its crystal and its rings are chosen as one set', async ({ page }) => {
  await page.goto('/trays/229?stage=match')
  const set = page.getByTestId('bezel-set')
  await expect(set).toHaveText(
    /^As one set, right with \d+\s%: crystal in its ring .* second ring .*, the old bezel again, the old chapter ring again\.$/,
  )
  await page.getByRole('button', { name: 'Bezel and chapter ring' }).click()
  const parts = page.getByRole('region', { name: 'Bezel parts' })
  const wider = parts.getByRole('listitem').filter({ hasText: 'B-370-S2W' })
  await expect(wider).toContainText(/Goes with .* and second ring .*: all together right with \d+\s%/)
  await wider.getByRole('button', { name: 'Take out' }).click()
  const out = page.getByRole('region', { name: 'Out of the drawers' })
  await expect(out).toContainText('B-370-S2W')
  await page.getByRole('button', { name: 'Crystal', exact: true }).click()
  await expect(page.getByText(/Judged with the new bezel B-370-S2W on/)).toContainText(
    'Its bore is 31.45, as its supplier gives it: read it before anything is pressed.',
  )
  await expect(set).toContainText(/, bezel B-370-S2W \d+\s%, the old chapter ring again/)
  await expect(page.getByRole('list').filter({ hasText: /bezel’s bore is as its supplier/ })).toBeVisible()
  await out.getByRole('button', { name: 'Put back' }).click()
  await expect(set).toContainText('the old bezel again')
  await expect(page.getByText(/Judged with the new bezel/)).toHaveCount(0)
})

test('an insert, a bezel, a chapter ring and the seals are chosen from the drawers', async ({ page }) => {
  await page.goto('/trays/226?stage=match')
  const parts = page.getByRole('region', { name: 'Bezel parts' })
  await expect(parts).toContainText('37.9 / 30.6 × 0.8 sloped aluminium black')
  await expect(parts).toContainText(
    'belongs to Reef, this bezel to Tidal: they look alike and do not interchange',
  )
  await expect(parts).toContainText('Pre-cut ring: at least 31.2 inside')
  await parts.getByRole('button', { name: 'Take out' }).first().click()
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toContainText('I-379-306-K')
  await page.goto('/trays/229?stage=match')
  await page.getByRole('button', { name: 'Bezel and chapter ring' }).click()
  await expect(parts).toContainText('37.0 / 34.1, bore 31.35 steel, crystal retaining')
  await expect(parts).toContainText('30.9 / 27.6 × 1.2 keyed plastic black')
  await expect(parts).toContainText('Its key in the notch sets it to the dial.')
  await expect(parts).toContainText('belongs to Signal 1, this bezel to Signal 2')
  await parts.getByRole('listitem').filter({ hasText: 'R-309-276-S2' }).getByRole('button').click()
  await expect(page.getByRole('region', { name: 'Out of the drawers' })).toContainText('R-309-276-S2')
  // The head of 226 stays shut: its seals are nothing this job gets at.
  await page.goto('/trays/226?stage=match')
  await expect(parts).toBeVisible()
  await expect(page.getByRole('button', { name: 'Seals' })).toHaveCount(0)
  await page.goto('/trays/214?stage=match')
  await page.getByRole('button', { name: 'Seals' }).click()
  const back = page.getByTestId('seal-back')
  await expect(back).toContainText(/squeezed 2\d\s%/i)
  await expect(back).toContainText('N a mm')
  await expect(page.getByTestId('seal-crown')).toContainText('commonest leak')
})
