import { ringSeatOf } from '../../../../tests/factories/crystalSeats'
import { jest } from '@jest/globals'
import { cleanup, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { NO_WISHES, stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { testPressure } from '@/core/intake/waterClass'
import { BUILT_IN_POLICY } from '@/core/policy/ShopPolicy'
import { FIT_POLICY } from '@/core/fit/fitPolicy'
import { stockIndex } from '@/core/fit/stockIndex'
import { upgrades } from '@/core/fit/upgrades'
import type { Choice } from '@/core/tray/choiceOf'
import { tensionGasket } from '@/core/construction/tensionGasket'
import { UpgradesDialog } from './UpgradesDialog'

const CRYSTALS = [
  stockCrystal({ priceCents: 700 }),
  stockCrystal({ id: 2, material: 'sapphire', priceCents: 2900 }),
  stockCrystal({ id: 3, material: 'sapphire', magnifier: 'outside', priceCents: 3500 }),
]

const NOTHING_SAID: Choice = { reasons: [], warning: null, refusal: null }

function dialog(classBar: number | null, crystals = CRYSTALS, choice = NOTHING_SAID) {
  const onChoose = jest.fn()
  const onClose = jest.fn()
  const pressure = testPressure({ classBar, diver: false })
  const loaded = { pressure, original: null, between: null }
  const index = stockIndex(crystals, [stockGasket()])
  const found = upgrades(index, ringSeatOf(), NO_WISHES, loaded, BUILT_IN_POLICY).map((upgrade) => ({
    ...upgrade,
    candidate: { ...upgrade.candidate, ...choice },
    failures: [],
  }))
  renderInTheme(
    <UpgradesDialog
      found={{ ok: true, words: tensionGasket.words, upgrades: found, pressure }}
      policy={FIT_POLICY}
      onChoose={onChoose}
      onClose={onClose}
    />,
  )
  return { onChoose, onClose, found }
}

const cells = (name: RegExp) => within(screen.getByRole('row', { name })).getAllByRole('cell')

describe('UpgradesDialog', () => {
  it('sets the variants side by side, prices against the first', () => {
    const { found } = dialog(5)
    expect(screen.getAllByRole('columnheader').map(({ textContent }) => textContent)).toEqual([
      'flat mineral',
      'flat sapphire',
      'flat sapphire, magnifier outside',
    ])
    expect(cells(/^Price/).map(({ textContent }) => textContent)).toEqual([
      '8.50',
      '30.50 (+22.00)',
      '36.50 (+28.00)',
    ])
    expect(cells(/^Strength at 5 bar/)[1]).toHaveTextContent(
      `${found[1]?.load?.strength.found.factor.toFixed(1)} × the load: little to spare`,
    )
    expect(screen.getByText(/a guide, never a rating/)).toBeInTheDocument()
  })

  it('does not call a crystal cheap whose price nobody knows', () => {
    dialog(null, [...CRYSTALS, stockCrystal({ id: 4, profile: 'double-dome', priceCents: 0 })])
    const last = cells(/^Price/).at(-1)
    expect(screen.getAllByRole('columnheader').at(-1)).toHaveTextContent('double dome mineral')
    expect(last).toHaveTextContent(/^not known$/)
  })

  it('says of each what warns of it and why it may not go in, as the shortlist does', () => {
    dialog(5, CRYSTALS, { reasons: [], warning: 'too thin for 5 bar', refusal: null })
    expect(cells(/^Against it/)[0]).toHaveTextContent(/^too thin for 5 bar$/)
    cleanup()
    dialog(5, CRYSTALS, { reasons: [], warning: 'would break at 5 bar', refusal: 'Crystal: weaker.' })
    expect(cells(/^Against it/)[0]).toHaveTextContent('would break at 5 bar: may not be picked')
    cleanup()
    dialog(5)
    expect(screen.queryByRole('row', { name: /^Against it/ })).toBeNull()
  })

  it('says nothing of pressure where no class is stated', () => {
    dialog(null)
    expect(screen.queryByRole('row', { name: /Strength/ })).toBeNull()
    expect(screen.queryByRole('row', { name: /To the hands at/ })).toBeNull()
  })

  it('hands the one to be drawn back and closes', async () => {
    const { onChoose, onClose, found } = dialog(5)
    await userEvent.setup().click(screen.getByRole('button', { name: 'Draw flat sapphire' }))
    expect(onChoose).toHaveBeenCalledWith({ candidate: found[1]?.candidate, failures: [] })
    expect(onClose).toHaveBeenCalled()
  })

  it('says so when nothing in the drawers fits', () => {
    dialog(5, [])
    expect(screen.getByText('Nothing in the drawers fits this case yet.')).toBeInTheDocument()
  })
})
