import { BUILT_IN_POLICY } from '@/core/policy/ShopPolicy'
import { act, screen, within } from '@testing-library/react'
import { benchAround } from '../../../../tests/factories/bench'
import { caseSheet } from '../../../../tests/factories/caseSheet'
import { stockORing } from '../../../../tests/factories/otherParts'
import { stockGasket } from '../../../../tests/factories/parts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { resealSet } from '@/core/seals/resealSet'
import type { CaseSheet } from '@/core/tray/CaseSheet'
import { SealsPanel } from './SealsPanel'

const RECESS = { backGrooveInnerMm: 28.4, backGrooveWidthMm: 1.2, backGrooveDepthMm: 0.45 }
const STOCK = {
  oRings: [stockORing({ id: 7, innerDiameterMm: 1.95, sectionMm: 0.65 })],
  gaskets: [
    stockGasket({
      id: 5,
      code: 'F-285',
      use: 'back',
      material: 'nitrile',
      outerDiameterMm: 30.3,
      wallMm: 0.9,
      heightMm: 0.55,
    }),
  ],
}

function panel(sheet: Partial<CaseSheet>, stock = STOCK) {
  const seals = resealSet({}, caseSheet({ backSeal: 'flat-gasket', ...sheet }), stock, BUILT_IN_POLICY)
  const props = benchAround({ ...trayViewOf(), seals }, 'match')
  renderInTheme(<SealsPanel {...props} />)
  return props
}

const back = () => within(screen.getByTestId('seal-back'))
const crown = () => within(screen.getByTestId('seal-crown'))

describe('SealsPanel', () => {
  it('offers what seals the recess, with its figures, and takes it out', async () => {
    const { asked } = panel({ ...RECESS, crownTubeMm: 2, crownBoreMm: 3 })
    expect(back().getByText('30.3 / 28.5 × 0.55 flat nitrile')).toBeVisible()
    expect(back().getByText(/^Squeezed 18 % of 10–30 % for nitrile, fills 92 % of its recess/)).toBeVisible()
    await act(() => Promise.resolve(back().getByRole('button', { name: 'Take out' }).click()))
    expect(asked).toEqual([{ action: 'takeOut', input: { trayId: 1, kind: 'gasket', partId: 5 } }])
    expect(crown().getByText(/1.00 of room along the tube, which is assumed/)).toBeVisible()
  })

  it('says what to order where the drawers hold nothing, and what to measure where nothing is known', () => {
    panel(RECESS, { oRings: [], gaskets: [] })
    expect(back().getByText(/To order: nitrile flat gasket 28\.\d inside/)).toBeVisible()
    expect(crown().getByText(/crown tube, outside, crown bore/)).toBeVisible()
    expect(back().queryByRole('button')).toBeNull()
  })

  it('shows nothing for a case without a seal', () => {
    panel({ backSeal: 'none', crownKind: 'none' })
    expect(screen.queryByRole('region', { name: 'Seals' })).toBeNull()
  })
})
