import { expect, press, test } from '../support/bench'
import { Piece } from './Piece'

test('a small gold dress piece: sapphire with a magnifier ranks first, hands on before the case, the lens set over the date before the final press', async ({
  page,
}) => {
  test.setTimeout(600_000)
  const piece = await Piece.takenIn(page, {
    of: 'Vessalin Serein 2',
    looks: {
      kind: 'everyday mechanical',
      but: {
        'Crystal held': 'over a neck, under a bezel',
        'Crystal material': 'sapphire',
        Magnifier: 'outside',
        'Date at': '3',
        'Case material': 'gold',
        'Movement held by': 'screws turn in',
      },
    },
    owner: 'Margit Ansley',
    cameIn: 'shattered',
    asked: ['crystal'],
    fields: { 'Water class stated': '3' },
  })
  await piece.opened('usual')
  await piece.work()
  await piece.done('Measure')
  await piece.read('1.20', '1.20', '1.20')
  await piece.done('Push out')
  await piece.work()
  await piece.done('Clean')
  await piece.takeOff('hand', 'hand', 'hand')
  await piece.work()
  await piece.readThe('Case neck', '28.60', '28.60', '28.60', '28.60')
  await piece.readThe('Gasket wall', '.40', '.40', '.40')
  await piece.readThe('Bezel, inside', '30.50', '30.50', '30.50', '30.50')
  await piece.work()
  await piece.done('Match')
  // As it was: sapphire with a lens goes before sapphire without, and before glass.
  const rows = page.getByTestId('pair-row')
  await expect(rows.first()).toContainText(/29\.8 × 1\.2 flat sapphire.*magnifier outside/)
  await piece.pick()
  const card = page.getByRole('region', { name: 'Press card' })
  // Over its neck it is laid by hand: what is pressed is the bezel, planned where that goes on.
  await expect(card).toContainText(
    /By hand: no press, no dies.*until the bezel goes on, light and then final/,
  )
  await piece.work()
  await piece.pressHome()

  const steps = page.getByTestId('step')
  await expect(steps).toContainText([
    /^Bezel laid on square/,
    /^Stem in the movement, turned until the date jumps; hands on at twelve/,
    /^Underside of the glass/,
    /^Blow out, loupe, movement in/,
    /^Case screws back OUT/,
    /^Magnifier over the date/,
    /^Press the bezel home/,
  ])
  // Hands are counted back: a tick alone says nothing of how many.
  await page.getByRole('checkbox', { name: /^Stem in the movement/ }).click()
  await expect(page.getByText(/Still off by the parts trail: 3 hands/).first()).toBeVisible()
  await piece.countBack('3 hands')
  await piece.work(/^Magnifier over the date/)
  await piece.reads('magnifier against date', { 3: '-.01' }, '✓ Straight')
  await piece.work(/^Press the bezel home/)
  await piece.pressed('Bezel, final fit', /bears on the bezel only.*Keep off the crystal, the magnifier/)
  await piece.through('Close', 'Prove')
  await piece.testedDry('tight')
  await piece.work()
  // The day's run is on the clock; without it the tray is not handed back unasked.
  await press(page, 'd')
  const why = page.getByRole('dialog')
  await expect(why).toContainText('say when its wait is over: Let it run for a day')
  await page.keyboard.press('Escape')
  await expect(why).toBeHidden()
  await piece.cutWaits('ran over night on the tester')
  await piece.done('Hand back')
  await piece.handBack(/Dry test.*tight: under \d+ µg\/min/)

  await Piece.nextOf(page, 'Vessalin Serein 2', 'Corin Vale', 'shattered')
  await expect(rows.first()).toContainText(/29\.8 × 1\.2 flat sapphire.*magnifier outside/)
})
