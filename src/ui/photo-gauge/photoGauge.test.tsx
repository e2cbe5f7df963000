import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { renderInTheme } from '../../../tests/jsdom/renderInTheme'
import { arcOfPoints } from '@/core/photo-gauge/arcsOfChains'
import type { SeenArc } from '@/core/photo-gauge/readPicture'
import { EdgeList } from './EdgeList'
import { PhotoResult } from './PhotoResult'

function seen(radiusMm: number, side: SeenArc['side']): SeenArc {
  const points = Array.from({ length: 90 }, (_, deg) => ({
    xMm: radiusMm * Math.cos((deg * Math.PI) / 180),
    yMm: radiusMm * Math.sin((deg * Math.PI) / 180),
  }))
  const arc = arcOfPoints(points)
  if (!arc) throw new Error('no circle')
  return { side, arc, pixels: points.map(({ xMm, yMm }) => ({ x: xMm, y: yMm })) }
}

describe('EdgeList', () => {
  it('says size, arc and side, and toggles by the keyboard', async () => {
    const toggled: number[] = []
    renderInTheme(
      <EdgeList
        arcs={[seen(15, 'outline'), seen(13, 'hole')]}
        chosen={[1]}
        onToggle={(index) => toggled.push(index)}
      />,
    )
    const [rim, hole] = screen.getAllByRole('button')
    expect(rim).toHaveTextContent('30.00 over 89°, outline')
    expect(rim).toHaveAttribute('aria-pressed', 'false')
    expect(hole).toHaveTextContent(/hole · chosen/)
    rim?.focus()
    await userEvent.keyboard(' ')
    expect(toggled).toEqual([0])
  })
})

describe('PhotoResult', () => {
  it('asks for an edge, says what is wrong, and shows where the doubt comes from', () => {
    const { rerender } = renderInTheme(<PhotoResult outcome={null} />)
    expect(screen.getByText(/Choose an edge/)).toBeInTheDocument()
    rerender(<PhotoResult outcome={{ ok: false, message: 'Edge: none chosen.' }} />)
    expect(screen.getByText('Edge: none chosen.')).toBeInTheDocument()
    const { arc } = seen(15, 'outline')
    const own = { valueMm: 30, standardUncertaintyMm: 0.02 }
    rerender(
      <PhotoResult
        outcome={{
          ok: true,
          diameter: { valueMm: 30.03, standardUncertaintyMm: 0.035 },
          arcs: [{ fit: arc.fit, inliers: [true, true, false], own }],
          arcDeg: 89,
          parts: [{ words: 'the print’s scale', uMm: 0.013 }],
          disagreement: 4.2,
        }}
      />,
    )
    expect(screen.getByTestId('photo-size')).toHaveTextContent(/30.03 ±0.07.*2 of 3 edge points over 89°/)
    expect(screen.getByText(/not of one circle: the worst is 4.2/)).toBeInTheDocument()
    expect(screen.getByText('±0.026')).toBeInTheDocument()
  })
})
