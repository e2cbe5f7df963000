import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { benchAround } from '../../../../tests/factories/bench'
import { trayViewOf } from '../../../../tests/factories/trayView'
import type { HandsView } from '@/services/tray/handsView'
import { HandsPanel } from './HandsPanel'

const HEIGHTS: HandsView['heights'] = [
  {
    of: 'hour',
    dimension: 'hour-hand-over-dial',
    label: 'Hour hand over the dial',
    heightMm: 0.9,
  },
  {
    of: 'minute',
    dimension: 'minute-hand-over-dial',
    label: 'Minute hand over the dial',
    heightMm: null,
  },
]
const hands = (over: Partial<HandsView> = {}): HandsView => ({
  stage: 'close',
  heights: HEIGHTS,
  gaps: [
    { between: 'hour hand to minute hand', roomMm: 0.05, doubtMm: 0.06, leastMm: 0.08, state: 'close' },
    { between: 'minute hand to the glass', roomMm: 0.4, doubtMm: 0.07, leastMm: 0.25, state: 'clear' },
  ],
  words: 'hour hand to minute hand 0.05, at least 0.08 wanted',
  isRight: false,
  basis: 'From memory.',
  ...over,
})
const show = (over: Partial<HandsView> = {}) => {
  const { bench } = benchAround({ ...trayViewOf({}), hands: hands(over) }, 'close')
  const aimed: string[] = []
  return { aimed, ...render(<HandsPanel bench={{ ...bench, aim: (id) => aimed.push(id) }} />) }
}

describe('room between the hands', () => {
  it('tells every place with its doubt, and what to do where it is too little', () => {
    show()
    expect(screen.getByRole('status').textContent).toMatch(/^Hour hand to minute hand 0\.05, at least 0\.08/)
    expect(screen.getByText('0.05 ±0.06')).toBeTruthy()
    expect(screen.getByText('less than 0.08: bend or set it higher')).toBeTruthy()
    expect(screen.getByText('clear')).toBeTruthy()
  })

  it('has each height read by the bar', async () => {
    const { aimed } = show()
    await userEvent.click(screen.getByRole('button', { name: 'Minute hand read' }))
    expect(aimed).toEqual(['minute-hand-over-dial'])
  })

  it('is shown where the hands go on alone', () => {
    const { container } = show({ stage: 'align' })
    expect(container.childElementCount).toBe(0)
  })
})
