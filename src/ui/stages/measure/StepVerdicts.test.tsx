import { screen } from '@testing-library/react'
import { TYPICAL_INSTRUMENTS } from '@/core/measure/InstrumentSpec'
import { measuredFigures } from '@/core/tray/measuredFigures'
import { stepDimensions } from '@/core/tray/stepDimensions'
import { benchInstrument } from '../../../../tests/factories/benchInstrument'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { StepVerdicts } from './StepVerdicts'

const GAUGE = TYPICAL_INSTRUMENTS['thickness-gauge']
const BENCH = (['thickness-gauge', 'micrometer'] as const).map((kind, i) => benchInstrument(kind, i + 1))

/** Steps of what was read, worked out by the models themselves. */
function steps(dimension: 'crystal-edge' | 'gasket-wall', shown: number[], stocked: number[]) {
  const readings = shown.map((shownMm, placeIndex) => ({
    id: placeIndex,
    dimension,
    placeIndex,
    shownMm,
    instrumentId: 1,
    ...GAUGE,
  }))
  return stepDimensions(measuredFigures(readings), { [dimension]: stocked }, BENCH)
}

describe('StepVerdicts', () => {
  it('takes the 1.0 for a measured 1.1 where stock comes in 1.0 and 1.5, and says that nothing is nearer', () => {
    renderInTheme(<StepVerdicts steps={steps('crystal-edge', [1.1, 1.1, 1.1], [1, 1.5])} />)
    expect(screen.getByTestId('step-crystal-edge')).toHaveTextContent(
      /Crystal edge thickness 1.00 .*no nearer step in the drawers; enough/,
    )
  })

  it('asks for the micrometer where a wall lies between two steps', () => {
    renderInTheme(<StepVerdicts steps={steps('gasket-wall', [0.52, 0.53, 0.52], [0.5, 0.55])} />)
    expect(screen.getByTestId('step-gasket-wall')).toHaveTextContent(/else .*ask next: micrometer/)
  })

  it('shows nothing where nothing stepped was read', () => {
    const { container } = renderInTheme(<StepVerdicts steps={[]} />)
    expect(container).toBeEmptyDOMElement()
  })
})
