import type { Page } from '@playwright/test'
import { expect, test } from '../support/bench'
import { Piece } from './Piece'

/** The demo bench has a bath open on another tray: it is shut and away while this piece meets a flame. */
const BATH_TRAY = '/trays/226?stage=push-out'

async function otherBath(page: Page, act: 'end' | 'start'): Promise<void> {
  await page.goto(BATH_TRAY)
  const inUse = page.getByText(/acetone bath in use on this tray/)
  await expect(page.getByTestId('method-verdict')).toBeVisible()
  if (act === 'end' && (await inUse.count())) {
    await page.getByRole('button', { name: 'End it' }).click()
    await expect(inUse).toBeHidden()
  }
  if (act === 'start') {
    await startMethod(page, 'acetone bath', 'the face of the head')
    await expect(inUse).toBeVisible()
  }
}

async function startMethod(page: Page, method: string, on: string): Promise<void> {
  for (const [field, option] of [
    ['Method', method],
    ['On', on],
  ] as const) {
    await page.getByRole('combobox', { name: field, exact: true }).click()
    await page.getByRole('option', { name: option, exact: true }).click()
  }
  await page.getByRole('button', { name: /^(Protected: start|Start)$/ }).click()
}

test('insert two minutes off and a magnifier to come off: soaked while the head is shut, the flame only once the bath is away', async ({
  page,
}) => {
  test.setTimeout(600_000)
  await otherBath(page, 'end')
  const piece = await Piece.takenIn(page, {
    of: 'Marrowick Reef 3',
    looks: { kind: 'diver with turning bezel', but: { Magnifier: 'outside', 'Date at': '3' } },
    owner: 'Silas Orme',
    cameIn: 'whole',
    asked: ['bezel insert', 'magnifier off'],
  })
  await piece.work()
  await piece.done('Open')
  // The other school: its bezel stays on and the face soaks. It is chosen before the head is opened, for it needs it shut.
  const insertWays = page.getByRole('region', { name: 'Insert off, safest first' })
  await expect(insertWays.getByTestId('way').filter({ hasText: 'Thin blade' })).toContainText(
    'aluminium insert: aluminium bends',
  )
  await insertWays.getByRole('button', { name: 'Take it: soak the face in acetone' }).click()
  await expect(insertWays.getByTestId('way').filter({ hasText: '✓ taken' })).toContainText(
    /^Soak the face.*1 h/s,
  )
  const steps = page.getByTestId('step')
  await expect(steps).toContainText([
    /^Strap/,
    /^Soak the face/,
    /^Turn the insert out/,
    /^Unscrew/,
    /^Note how/,
    /^Back seal/,
  ])
  const verdict = page.getByTestId('method-verdict')
  await page.getByRole('checkbox', { name: /^Strap or bracelet off/ }).click()
  await startMethod(page, 'acetone bath', 'the face of the head')
  await expect(page.getByText(/acetone bath in use on this tray/)).toBeVisible()
  await page.getByRole('combobox', { name: 'Method', exact: true }).click()
  await page.getByRole('option', { name: 'flame', exact: true }).click()
  await expect(verdict).toContainText(`a solvent bath is open on tray ${piece.number}`)
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeDisabled()
  await page.getByRole('checkbox', { name: /^Soak the face/ }).click()
  const waits = page.getByRole('region', { name: 'Waits' })
  await expect(waits).toContainText(/Soak the face.*(1 h|59 min) left/s)
  await piece.cutWaits('it turns under the finger')
  await page.getByRole('button', { name: 'End it' }).click()
  await expect(page.getByText(/acetone bath in use/)).toBeHidden()
  await page.getByRole('checkbox', { name: /^Turn the insert out/ }).click()
  // The third step done folds the list, and what stands under it moves.
  await expect(page.getByRole('button', { name: /3 steps done/ })).toBeVisible()
  await page.getByRole('button', { name: 'usual', exact: true }).click()
  await expect(page.getByRole('button', { name: 'usual', pressed: true })).toBeVisible()
  await piece.work()
  // The head is open now: no bath for it any more.
  await page.getByRole('combobox', { name: 'Method', exact: true }).click()
  await page.getByRole('option', { name: 'acetone bath', exact: true }).click()
  await expect(verdict).toContainText('it is off: the bath would run in')
  // A letter on a choice is the choice's own: keys are the page's again beside it.
  await page.getByRole('heading', { name: /^Tray \d+$/ }).click()
  await piece.done('Decase')
  await piece.work()
  await piece.done('Push out')
  await expect(steps).toContainText([/^Magnifier off/, /^After the heat/])
  const heat = page.getByRole('region', { name: 'Heat by the burst' })
  await expect(heat.getByRole('button', { name: 'Heat on' })).toBeDisabled()
  await startMethod(page, 'flame', 'the face of the head')
  await expect(page.getByText(/flame in use on this tray/)).toBeVisible()
  await heat.getByRole('button', { name: 'Heat on' }).click()
  await expect(heat.getByRole('status')).toHaveText(/^[1-9]\.\d s$/)
  await heat.getByRole('button', { name: 'Heat off' }).click()
  await expect(heat).toContainText(/1 burst, [1-9] s in all/)
  await expect(heat.getByRole('status')).toHaveText(/^cooling, \d+ s$/)
  await page.getByRole('button', { name: 'End it' }).click()
  await expect(page.getByText(/flame in use on this tray/)).toBeHidden()
  await piece.work()
  await piece.done('Clean')

  // Its own insert goes back where it was: nothing of it or its seat has to be read.
  const own = page.getByTestId('own-insert')
  await own.getByRole('button', { name: 'sound' }).click()
  await own.getByRole('button', { name: 'Its own goes back' }).click()
  await expect(page.getByText('All read')).toBeVisible()
  await piece.work()
  await piece.done('Match')
  await expect(own.getByText('✓ its own goes back')).toBeVisible()
  await piece.work()
  await piece.done('Align')
  await expect(steps.last()).toContainText('pip to 12')
  await piece.work()
  await expect(waits).toContainText(/Clear flexible cement.*(1 h|59 min) left/s)
  await piece.reads('insert against bezel', { 12: '.01', 3: '0', 6: '-.01', 9: '0' }, '✓ Straight')
  await piece.cutWaits('light-cured cement')
  await piece.done('Close')
  const lines = page.getByTestId('replay-line')
  await expect(lines.filter({ hasText: /^insert/ })).toContainText('✓ 1 back')
  await piece.provedAndBack('ran a day before it came in')
  await otherBath(page, 'start')
})
