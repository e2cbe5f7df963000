import type { Page } from '@playwright/test'
import { expect, settled, test } from '../support/bench'
import { Piece } from './Piece'

/** A new case opened at its back: crown at 3, buttons at 2 and 4. */
async function atItsBack(
  page: Page,
  of: string,
  notches: number,
  shape: string,
  circleMm?: number,
): Promise<Piece> {
  const piece = await Piece.takenIn(page, {
    of,
    looks: {
      kind: 'everyday mechanical',
      but: {
        Notches: notches,
        'Notch shape': shape,
        ...(circleMm === undefined ? {} : { 'Notch circle': circleMm }),
        'Crown at': 3,
        '2': true,
        '4': true,
      },
    },
    owner: 'Margit Ansley',
    cameIn: 'whole',
    asked: ['battery'],
    fields: { 'Water class stated': '5' },
  })
  await piece.work()
  await piece.done('Open')
  return piece
}

/** Closed, proved and back, its seal cleaned and greased. */
async function closedAndBack(piece: Piece): Promise<void> {
  await piece.through('Clean', 'Close', 'Prove')
  await piece.testedDry('tight')
  await piece.through('Hand back')
  await piece.handBack(/Dry test.*tight: under \d+ µg\/min/)
}

test('six square notches: pins set to two figures, by the holder, hand and press; its pegs stand as they are said to', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const piece = await atItsBack(page, 'Sorrel Bilge 6', 6, 'square', 34.64)
  // On a regular hexagon of 34.64 across, every second notch is 30.00 from the next, and the third 25.98 from their line.
  await expect(page.getByTestId('pin-spacing')).toHaveText('30.00')
  await expect(page.getByText(/the third 25\.98 from their line: gaps of 2, 2, 2 notches/)).toBeVisible()
  await expect(page.getByText('flat pins as wide as the notch')).toBeVisible()

  // Four pegs a quarter turn apart would stand on crown or buttons: two, between the lugs, clear them.
  const words = await page.getByText(/Two pegs at .* clear of crown and pushers/).textContent()
  const said = [
    ...(words
      ?.split('Two pegs at')[1]
      ?.split(', as read')[0]
      ?.matchAll(/(\d+)(?::(\d+))?/g) ?? []),
  ].map(([, hour, minutes]) => ((Number(hour) % 12) * 30 + Number(minutes ?? 0) / 2) % 360)
  const drawn = await page
    .locator('svg circle[stroke="var(--mui-palette-warning-main)"]')
    .evaluateAll((pegs) =>
      pegs.map((peg) => {
        const [x, y] = ['cx', 'cy'].map((name) => Number(peg.getAttribute(name))) as [number, number]
        // Seen from behind: clockwise on the dial is anticlockwise here.
        return (Math.round((Math.atan2(-x, -y) * 180) / Math.PI) + 360) % 360
      }),
    )
  expect(said).toHaveLength(2)
  expect(drawn.sort((a, b) => a - b)).toEqual(said.sort((a, b) => a - b))
  // Crown at 90°, buttons at 60° and 120°: nothing stands near them.
  for (const deg of said)
    for (const hour of [60, 90, 120]) expect(Math.abs(deg - hour)).toBeGreaterThanOrEqual(20)

  const off = page.getByTestId('step').filter({ hasText: 'Unscrew the notched back' })
  await off.getByRole('button', { expanded: false }).first().click()
  await expect(off).toContainText(
    'case holder; flat pins as wide as the notch, two 30.00 apart, the third 25.98 from them',
  )
  await page.getByRole('button', { name: 'needed the press', exact: true }).click()
  await closedAndBack(piece)
})

test('five round notches, their circle not known: a chord of neighbours gives it, absurd ones are refused, and the sheet keeps it', async ({
  page,
}) => {
  test.setTimeout(400_000)
  const piece = await atItsBack(page, 'Sorrel Bilge 5', 5, 'round')
  const chord = page.getByRole('textbox', { name: 'Measured chord, notches 1 apart' })
  for (const [absurd, why] of [
    ['0.5', 'would need a notch circle of 0.85; on a watch it is'],
    ['250', 'would need a notch circle of 425.33; on a watch it is'],
    ['2O', '“2O” is not a length'],
  ] as const) {
    await chord.fill(absurd)
    await expect(page.getByText(why)).toBeVisible()
    await expect(chord).toHaveValue(absurd)
    await expect(page.getByTestId('pin-spacing')).toBeHidden()
    await expect(page.getByRole('button', { name: /^Keep/ })).toBeHidden()
  }
  await chord.fill('20,00')
  // 20.00 / sin 36° = 34.03.
  await expect(page.getByText(/^5 notches on 34\.03\. Set two pins/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep 34.03 on the sheet' }).click()
  // Left and come back to: the figure is the sheet's now.
  await page.goto('/')
  await page.goto(`/trays/${piece.number}`)
  await settled(page)
  await expect(page.getByText(/^5 notches on 34\.03\. Set two pins/)).toBeVisible()
  await expect(page.getByText('round notches:')).toBeVisible()
  await page.getByRole('button', { name: 'usual', exact: true }).click()
  await closedAndBack(piece)
  const next = await Piece.takenIn(page, {
    of: 'Sorrel Bilge 5',
    owner: 'Bram Tull',
    cameIn: 'whole',
    asked: ['battery'],
  })
  await next.look('Open')
  await expect(page.getByText(/^5 notches on 34\.03\. Set two pins/)).toBeVisible()
})

test('four wide notches: three pins would rock, and what to take instead is said', async ({ page }) => {
  test.setTimeout(400_000)
  const piece = await atItsBack(page, 'Sorrel Bilge 4', 4, 'large', 32)
  await expect(page.getByText('Three pins rock here.')).toBeVisible()
  await expect(page.getByRole('img', { name: /^4 notches, pins in/ })).toBeVisible()
  await page.getByRole('button', { name: 'tight', exact: true }).click()
  await closedAndBack(piece)
})
