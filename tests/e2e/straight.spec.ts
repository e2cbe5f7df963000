import { expect, press, settled, test } from './support/bench'

test('an insert that is turned: what each remedy leaves is drawn before a part is touched, and each round is kept, by keyboard', async ({
  page,
}) => {
  await page.goto('/trays/209?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await expect(straight.getByRole('status')).toHaveText('Turned 2.46° clockwise')
  await expect(straight).toContainText('the owner lets pass 0.10')
  const drawn = page.getByRole('img', { name: /^From above, 12 up: insert against dial turned 2\.46°/ })
  await expect(drawn.locator('[data-ring=after]')).toHaveCount(1)
  const click = straight.getByRole('button', { name: /^–?\s*Turn the bezel one click anticlockwise/ }).last()
  await click.focus()
  await press(page, 'Enter')
  await expect(click).toHaveAttribute('aria-pressed', 'true')
  await expect(click).toContainText('−0.54°')
  await expect(click).toContainText('0.15 mm')
  // What is none here says why.
  await expect(straight).toContainText('Its teeth hold it to the same clicks however it goes on.')

  await straight.getByRole('button', { name: 'Done: look again' }).focus()
  await press(page, 'Enter')
  const at = (hour: number) => page.getByLabel(`Offset at ${hour}, mm`)
  await at(12).focus()
  await page.keyboard.type('left')
  await press(page, 'Tab')
  // As a caliper's data key ends a figure: on to the next hour; from one left empty, all that is read is kept.
  await page.keyboard.type('400')
  await press(page, 'Enter')
  await expect(at(6)).toBeFocused()
  await press(page, 'Enter')
  await expect(page.getByText('Offset at 12: “left” is no figure in mm.')).toBeVisible()
  await expect(page.getByText(/^Offset at 3: 400\.00 mm; .*3\.00 mm are possible/)).toBeVisible()
  // Nothing that was typed is lost by it.
  await expect(at(3)).toHaveValue('400')
  for (const [hour, text] of [
    [12, '-,12'],
    [3, '-0.15'],
    [6, '-.16'],
    [9, '-.14'],
  ] as const) {
    await at(hour).fill(text)
  }
  await at(9).press('Enter')
  await expect(straight.getByRole('status')).toHaveText('Turned 0.53° anticlockwise')
  await expect(straight).toContainText(
    '2 looks: looked at turned 2.46° clockwise; after “Turn the bezel one click',
  )
  await page.reload()
  await expect(straight.getByRole('status')).toHaveText('Turned 0.53° anticlockwise')
})

test('two places tell no shift across them; a case that turns with its dial is told so; nothing is straight that was not read', async ({
  page,
}) => {
  await page.goto('/trays/226?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await expect(straight.getByRole('alert')).toContainText(
    /^The dial itself may be turned, 1\.18° ±0\.08° anticlockwise/,
  )
  await expect(straight.getByTestId('remedy').first()).toContainText('Set the dial straight first')
  await straight.getByRole('button', { name: 'insert against bezel' }).click()
  await expect(straight.getByRole('status')).toHaveText('Not looked at')
  await page.getByRole('button', { name: 'Keep this look' }).click()
  await expect(page.getByText(/^Offsets: none is read/)).toBeVisible()
  await page.getByLabel('Offset at 12, mm').fill('0')
  await page.getByLabel('Offset at 6, mm').fill('.15')
  await page.getByRole('button', { name: 'Keep this look' }).click()
  await expect(
    page.getByText('A shift towards 12 or 6 is not seen at these places: read two across them too.'),
  ).toBeVisible()
  await expect(page.getByText('not seen', { exact: true })).toBeVisible()
})

test('a magnifier is read at its date alone; a reading that does not agree with itself asks to be read again', async ({
  page,
}) => {
  await page.goto('/trays/222?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await page.getByLabel('Offset at 3, mm').fill('0.4')
  // A double press is one look.
  await page.getByRole('button', { name: 'Keep this look' }).dblclick()
  await expect(straight.getByRole('status')).toHaveText('0.40 clockwise of its mark')
  await page.reload()
  await settled(page)
  await expect(straight.getByRole('status')).toHaveText('0.40 clockwise of its mark')
  await expect(straight).not.toContainText(/\d looks/)
  await expect(straight.getByTestId('remedy').first()).toContainText('Turn the crystal in its seat')
  await expect(page.getByRole('checkbox', { name: /^Magnifier over the date/ })).toBeDisabled()

  await page.goto('/trays/226?stage=align')
  await settled(page)
  await straight.getByRole('button', { name: 'bezel against case' }).click()
  for (const [hour, text] of [
    [12, '.1'],
    [3, '.1'],
    [6, '.6'],
    [9, '.1'],
  ] as const) {
    await page.getByLabel(`Offset at ${hour}, mm`).fill(text)
  }
  await page.getByRole('button', { name: 'Keep this look' }).click()
  await expect(straight.getByRole('status')).toHaveText('Not sure: the places read do not agree')
  await expect(straight.getByTestId('remedy')).toHaveCount(0)
  await expect(straight.getByRole('button', { name: 'Done: look again' })).toHaveCount(0)
  await expect(straight.getByRole('button', { name: 'Read again as it stands' })).toBeVisible()
})

test('a look says nothing of what moves after it, and nothing is read while part of it lies in the tray', async ({
  page,
}) => {
  await page.goto('/trays/209?stage=align')
  await settled(page)
  const straight = page.getByRole('region', { name: 'Straight' })
  await straight.getByRole('button', { name: 'insert against bezel' }).click()
  for (const hour of [12, 3, 6, 9]) await page.getByLabel(`Offset at ${hour}, mm`).fill('0.01')
  await page.getByRole('button', { name: 'Keep this look' }).click()
  await expect(straight.getByRole('status')).toHaveText('✓ Straight')

  await page.goto('/trays/209?stage=push-out')
  await settled(page)
  const trail = page.getByRole('region', { name: 'Parts trail' })
  await trail.getByRole('button', { name: 'other part' }).click()
  await trail.getByRole('button', { name: /^insert/ }).click()
  await expect(trail).toContainText('insert')
  await page.goto('/trays/209?stage=align')
  await settled(page)
  await straight.getByRole('button', { name: 'insert against bezel' }).click()
  await expect(straight.getByRole('status')).toHaveText([
    'Straight when it was read, insert moved since',
    'Not yet. Insert against bezel: off by the parts trail: 1 insert. Back in first, then read.',
  ])
  await expect(page.getByLabel('Offset at 12, mm')).toHaveCount(0)
})
