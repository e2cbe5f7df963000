import { screen } from '@testing-library/react'
import { stockBezel } from '../../../../tests/factories/otherParts'
import { stockCrystal, stockGasket } from '../../../../tests/factories/parts'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import type { TrayView } from '@/services/tray/trayView'
import { BezelSetNote, NewBezelNote } from './BezelSetNote'

const RING = stockGasket({ id: 9, code: 'N-341-60', use: 'bezel' })

/** A removable bezel with a crystal of the drawers in it, and the second ring that goes with it. */
function viewOf(over: Partial<TrayView> = {}): TrayView {
  const view = trayViewOf({
    read: { 'bezel-bore': [30.95, 30.95, 30.95], 'seat-depth': [1.05, 1.05, 1.05] },
    crystals: [stockCrystal()],
    gaskets: [stockGasket()],
    sheet: { retention: 'press-in-bezel' },
  })
  if (!view.shortlist) throw new Error('nothing judged')
  return {
    ...view,
    sheet: { ...view.sheet, retention: 'press-in-bezel' },
    shortlist: {
      ...view.shortlist,
      bezelRings: [{ gasket: RING, squeeze: 0.1, probability: 0.8, reason: '' }],
    },
    ...over,
  }
}

function note(view: TrayView, ringId: number | null = RING.id) {
  const crystal = view.shortlist?.fitting[0]
  if (!crystal) throw new Error('nothing fits')
  renderInTheme(<BezelSetNote view={view} crystal={crystal} ringId={ringId} />)
  return screen.queryByTestId('bezel-set')
}

describe('BezelSetNote', () => {
  it('multiplies what is new, and names what goes back as it was', () => {
    const view = viewOf({
      setParts: [
        { name: 'bezel', code: 'B-370', probability: 0.5 },
        { name: 'chapter ring', code: null, probability: null },
      ],
    })
    const crystal = view.shortlist?.fitting[0]?.probability ?? 0
    const percent = Math.round(100 * crystal * 0.8 * 0.5)
    expect(note(view)).toHaveTextContent(
      new RegExp(
        `^As one set, right with ${percent} %: crystal in its ring C-300-10 \\d+ %, second ring N-341-60 80 %, bezel B-370 50 %, the old chapter ring again\\.$`,
      ),
    )
  })

  it('is worth next to nothing without a second ring, and says so', () => {
    expect(note(viewOf(), null)).toHaveTextContent(/right with < 1 %.*, and no second ring\.$/)
  })

  it('is not shown where nothing is pressed on as a set', () => {
    const view = viewOf()
    expect(note({ ...view, sheet: { ...view.sheet, retention: 'tension-gasket' } })).toBeNull()
  })
})

describe('NewBezelNote', () => {
  const newBezel = stockBezel({ code: 'B-370', boreMm: 31.45 })

  it('says by whose figures the crystal is judged until somebody reads them', () => {
    const view = viewOf({ newBezel })
    const supplied = {
      ...view,
      sheet: { ...view.sheet, bezelBoreMm: 31.45, figureOrigins: { 'bezel-bore': 'supplier' as const } },
      readout: { ...view.readout, measured: {} },
    }
    const { unmount } = renderInTheme(<NewBezelNote view={supplied} />)
    expect(screen.getByText(/Its bore is 31.45, as its supplier gives it: read it before/)).toBeVisible()
    unmount()
    renderInTheme(<NewBezelNote view={view} />)
    expect(screen.getByText(/Its bore is 30.95, as read\./)).toBeVisible()
  })

  it('is silent about a bezel that only sits round the crystal', () => {
    const view = viewOf({ newBezel })
    renderInTheme(<NewBezelNote view={{ ...view, sheet: { ...view.sheet, retention: 'tension-gasket' } }} />)
    expect(screen.queryByText(/Judged with/)).toBeNull()
  })
})
