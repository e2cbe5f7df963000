import { screen } from '@testing-library/react'
import { pressAsked, pressCase, readFigure } from '../../../../tests/factories/pressCase'
import { caseSheet } from '../../../../tests/factories/caseSheet'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { dieProfile } from '@/core/dies/dieProfile'
import { pressPlan } from '@/core/press/plan/pressPlan'
import { DieToMake } from './DieToMake'
import { gapAt } from './live/pressGap'
import { PlanColumn } from './PlanColumn'
import { StressChart } from './StressChart'
import { STRESS_SIZE, stressScales } from './stressScales'

const force = { byFigures: null, kindRuns: 0, mean: 300, standardDeviation: 0, runs: 5 }
const sheet = caseSheet({ chapterRing: 'keyed', caseDiameterMm: 38 })
const plan = pressPlan(
  pressCase({ sheet, known: { ...pressCase().known, chapterRing: readFigure(27) } }),
  'push-out',
  pressAsked({ force }),
)

describe('StressChart', () => {
  it('names the die to take with its stress, what breaks it, and where it would touch', () => {
    if (!plan.stress) throw new Error('no stress')
    renderInTheme(<StressChart stress={plan.stress} />)
    expect(
      screen.getByRole('img', { name: /P26: 39 MPa; weak end of its strength 45 MPa/ }),
    ).toBeInTheDocument()
    expect(screen.getByText('too near from 26.0')).toBeInTheDocument()
    expect(screen.getByText('breaks from 45')).toBeInTheDocument()
    // A die that would touch is crossed out and says so.
    expect(screen.getByText(/^P28: \d+ MPa, touches$/)).toBeInTheDocument()
    expect(screen.getByText(/for 300 N, the most to expect/)).toBeInTheDocument()
  })

  it('shows what decides: the weak end of the strength stands inside it', () => {
    if (!plan.stress) throw new Error('no stress')
    const { x, y } = stressScales(plan.stress)
    expect(y(45)).toBeGreaterThan(0)
    expect(y(45)).toBeLessThan(STRESS_SIZE.height)
    expect(x(26)).toBeGreaterThan(0)
    expect(x(30)).toBeLessThan(STRESS_SIZE.width)
  })
})

describe('PlanColumn', () => {
  it('says what it presses, what it rests on, what it keeps off and when to stop', () => {
    renderInTheme(<PlanColumn plan={plan} toMake={[]} lay={null} />)
    expect(screen.getByText('P26')).toBeInTheDocument()
    for (const name of ['Presses', 'Rests on', 'Keep off', 'Stop'])
      expect(screen.getByText(name)).toBeInTheDocument()
    expect(screen.getByText('Keep off').parentElement).toHaveTextContent('the crown, the chapter ring')
  })
})

describe('DieToMake', () => {
  it('is drawn, with files of its very figures and the way into the drawers', () => {
    const profile = dieProfile({ role: 'support', outerMm: 36.4, openingMm: 31.5, recessMm: 7 })
    renderInTheme(<DieToMake profile={profile} />)
    expect(screen.getByRole('img', { name: 'Section of SH36.4-31.5x7.0, its face down' })).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'DXF' })).toHaveAttribute(
      'href',
      '/api/dies/profile?role=support&outer=36.4&opening=31.5&recess=7&format=dxf',
    )
    expect(screen.getByRole('link', { name: 'made: into the drawers' }).getAttribute('href')).toContain(
      'code=SH36.4-31.5x7.0&role=support&outerDiameterMm=36.4',
    )
  })
})

describe('gapAt', () => {
  it('lets the crystal down with the pusher, and leaves it where it was pressed', () => {
    expect(gapAt(0, 0, 0.3, 0.7)).toEqual({ pusherMm: 1, crystalMm: 0.7 })
    const half = gapAt(0.65, 0.65, 0.3, 0.7)
    expect(half.pusherMm).toBeCloseTo(0.35, 9)
    expect(half.crystalMm).toBeCloseTo(0.35, 9)
    expect(gapAt(0.2, 1.1, 0.3, 0.7)).toEqual({ pusherMm: 0.8, crystalMm: 0 })
  })
})
