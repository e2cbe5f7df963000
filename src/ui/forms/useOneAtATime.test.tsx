import { act, render, screen } from '@testing-library/react'
import { useOneAtATime } from './useOneAtATime'

function Doing({ work }: { work: () => Promise<void> }) {
  const [run, busy] = useOneAtATime(work)
  return (
    <>
      <button
        onClick={() => {
          // Twice in one breath, before the page is drawn again.
          run().catch(() => undefined)
          run().catch(() => undefined)
        }}
      >
        do it
      </button>
      {busy ? 'under way' : 'at rest'}
    </>
  )
}

describe('useOneAtATime', () => {
  it('does a double press once, and again when the first is over, even when that failed', async () => {
    const ends: ((error?: Error) => void)[] = []
    const work = () => new Promise<void>((done, fail) => ends.push((error) => (error ? fail(error) : done())))
    render(<Doing work={work} />)
    const settle = (doing: () => void) => act(() => Promise.resolve(doing()))
    const press = () => settle(() => screen.getByRole('button').click())
    await press()
    expect(ends).toHaveLength(1)
    expect(screen.getByText(/under way/)).toBeInTheDocument()
    await settle(() => ends[0]?.(new Error('away')))
    expect(screen.getByText(/at rest/)).toBeInTheDocument()
    await press()
    expect(ends).toHaveLength(2)
    await settle(() => ends[1]?.())
    expect(screen.getByText(/at rest/)).toBeInTheDocument()
  })
})
