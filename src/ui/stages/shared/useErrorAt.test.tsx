import { act, renderHook } from '@testing-library/react'
import { trayViewOf } from '../../../../tests/factories/trayView'
import { useErrorAt } from './useErrorAt'

describe('what was wrong with an act', () => {
  it('is said until the tray changes, also when another act came in between', () => {
    const [before, meanwhile, after] = [trayViewOf(), trayViewOf(), trayViewOf()]
    const { result, rerender } = renderHook(useErrorAt, { initialProps: before })
    const [, failed] = result.current
    rerender(meanwhile)
    act(() => failed('First at Clean: the seat.'))
    expect(result.current[0]).toBe('First at Clean: the seat.')
    rerender(meanwhile)
    expect(result.current[0]).toBe('First at Clean: the seat.')
    rerender(after)
    expect(result.current[0]).toBeNull()
  })

  it('is gone once the next act goes well', () => {
    const { result } = renderHook(useErrorAt, { initialProps: trayViewOf() })
    act(() => result.current[1]('Not ticked.'))
    act(() => result.current[1](null))
    expect(result.current[0]).toBeNull()
  })
})
