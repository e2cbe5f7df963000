import { act, screen, within } from '@testing-library/react'
import { benchAround } from '../../../../tests/factories/bench'
import { diverBezelWork } from '../../../../tests/factories/bezelWork'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import type { TrayView } from '@/services/tray/trayView'
import { BezelPartsPanel } from './BezelPartsPanel'
import { MatchWork } from './MatchWork'

function panel(
  parts: TrayView['bezelWork'],
  finishedAt: string | null = null,
  partsOut: TrayView['partsOut'] = [],
) {
  const view = trayViewOf()
  const tray = { ...view.tray, finishedAt }
  const props = benchAround({ ...view, bezelWork: parts, tray, partsOut }, 'match')
  renderInTheme(<BezelPartsPanel {...props} />)
  return props
}

const row = (text: string) => {
  const [found] = screen.getAllByRole('listitem').filter((item) => item.textContent.includes(text))
  if (!found) throw new Error(`no line of ${text}`)
  return within(found)
}

describe('BezelPartsPanel', () => {
  it('names what fits with its reasons and what does not with what speaks against it', () => {
    panel(diverBezelWork(['insert', 'bezel', 'chapter-ring']))
    expect(screen.getAllByRole('heading').map(({ textContent }) => textContent)).toEqual([
      'Insert',
      'Bezel',
      'Chapter ring',
    ])
    expect(row('I-379-306').getByText('37.9 / 30.6 × 0.8 sloped aluminium black')).toBeInTheDocument()
    expect(row('I-OTHER').getByText(/belongs to Reef, this bezel to Tidal/)).toBeInTheDocument()
    expect(row('B-405').getByText(/120 clicks a turn, as the case’s spring/)).toBeInTheDocument()
    expect(row('B-60').getByText(/60 clicks a turn; the case’s spring has 120/)).toBeInTheDocument()
    expect(row('R-309').getByText(/Its key in the notch/)).toBeInTheDocument()
    expect(row('R-HIGH').getByText(/0.40 higher than the old ring/)).toBeInTheDocument()
    expect(screen.getByText(/Pre-cut ring: at least 31.2 inside, at most 37.3 outside/)).toBeInTheDocument()
  })

  it('takes a part out once, however often it is pressed', async () => {
    const { asked } = panel(diverBezelWork(['chapter-ring']))
    const button = row('R-309').getByRole('button', { name: 'Take out' })
    // Both presses before the first is answered.
    await act(() => Promise.resolve([button.click(), button.click()]))
    expect(asked).toHaveLength(1)
    expect(asked[0]).toEqual({
      action: 'takeOut',
      input: { trayId: 1, kind: 'chapter-ring', partId: 1 },
    })
    expect(row('R-HIGH').queryByRole('button')).toBeNull()
  })

  it('says at its line what is out already, so that it is not taken twice', () => {
    const out = {
      kind: 'chapter-ring',
      partId: 1,
      code: 'R-309',
      drawer: 'R-01',
      count: 1,
      since: '',
    } as const
    panel(diverBezelWork(['insert', 'chapter-ring']), null, [out])
    expect(row('R-309').getByText('✓ 1 out for this tray')).toBeVisible()
    expect(row('R-309').getByRole('button', { name: 'Take another' })).toBeVisible()
    // An insert of the same number is another part.
    expect(row('I-379-306').getByRole('button', { name: 'Take out' })).toBeVisible()
  })

  it('takes nothing out for a tray that was handed back', () => {
    panel(diverBezelWork(['insert', 'chapter-ring']), '2026-11-24T12:00:00.000Z')
    expect(screen.queryByRole('button', { name: 'Take out' })).toBeNull()
  })

  it('says what to measure before anything can be judged', () => {
    panel(
      diverBezelWork(['insert', 'chapter-ring'], {
        recessOuterMm: null,
        chapterRingOuterMm: null,
        chapterRingInnerMm: null,
      }),
    )
    expect(
      screen.getByText(/No insert can be judged yet: measure the recess for the insert/),
    ).toBeInTheDocument()
    expect(
      screen.getByText(/No chapter ring can be judged yet: measure the chapter ring, inside/),
    ).toBeInTheDocument()
  })

  it('says so when nothing in the drawers fits', () => {
    panel(diverBezelWork(['chapter-ring'], { chapterRingHeightMm: 3 }))
    expect(screen.getByText('Nothing in the drawers fits.')).toBeInTheDocument()
  })
})

describe('MatchWork', () => {
  it.each([
    [['insert'], 'Insert'],
    [['bezel'], 'Bezel'],
    [['insert', 'bezel'], 'Bezel and insert'],
    [['bezel', 'chapter-ring'], 'Bezel and chapter ring'],
    [['insert', 'bezel', 'chapter-ring'], 'Bezel, insert and chapter ring'],
  ] as const)('puts what was asked for, %j, behind a button of its name', (asked, label) => {
    const view = trayViewOf()
    renderInTheme(<MatchWork {...benchAround({ ...view, bezelWork: diverBezelWork(asked) }, 'match')} />)
    expect(screen.getByRole('button', { name: label })).toBeInTheDocument()
  })
})
