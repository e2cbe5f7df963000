import { jest } from '@jest/globals'
import { screen } from '@testing-library/react'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { renderInTheme } from '../../../../tests/jsdom/renderInTheme'
import { ReadingsTable } from './ReadingsTable'

describe('ReadingsTable', () => {
  it('says by what every dimension was read, each instrument once', () => {
    const view = trayViewOf({ read: { bore: [30.95, 30.96], 'seat-depth': [1.05] } })
    const [caliper, gauge] = view.instruments
    const figure = view.readout.measured.bore
    if (!caliper || !gauge || !figure) throw new Error('not read')
    const readings = figure.readings.map((r, at) => ({
      ...r,
      instrumentId: at === 0 ? caliper.id : gauge.id,
    }))
    const measured = { ...view.readout.measured, bore: { ...figure, readings } }
    renderInTheme(
      <ReadingsTable
        view={{ ...view, readout: { ...view.readout, measured } }}
        aimedAt={null}
        onAim={jest.fn()}
        onTakeBack={jest.fn()}
      />,
    )
    const row = (name: RegExp) => screen.getByRole('row', { name })
    expect(row(/Case bore/)).toHaveTextContent(`${caliper.name.toLowerCase()}, ${gauge.name.toLowerCase()}`)
    expect(row(/Seat depth/)).toHaveTextContent(caliper.name.toLowerCase())
    expect(row(/Seat depth/)).not.toHaveTextContent(gauge.name.toLowerCase())
  })
})
