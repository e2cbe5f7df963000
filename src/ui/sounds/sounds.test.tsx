import { jest } from '@jest/globals'
import { act, render, screen } from '@testing-library/react'
import { areSoundsOn, switchSounds, useSoundsOn } from './soundsOn'
import { sound } from './sound'

const played: number[] = []

class FakeAudio {
  currentTime = 0
  createOscillator() {
    const frequency = { value: 0 }
    return {
      frequency,
      connect: () => ({ connect: () => undefined }),
      start: () => played.push(frequency.value),
      stop: () => undefined,
    }
  }
  createGain() {
    const gain = { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined }
    return { gain, connect: () => undefined }
  }
  close = () => Promise.resolve()
}

beforeEach(() => {
  jest.useFakeTimers()
  played.length = 0
  localStorage.clear()
  Object.assign(globalThis, { AudioContext: FakeAudio })
})
afterEach(() => {
  jest.useRealTimers()
})

describe('sounds of this device', () => {
  it('tell a figure taken from one refused by pitch and number', () => {
    sound('taken')
    expect(played).toEqual([1320])
    sound('refused')
    expect(played.slice(1)).toEqual([220, 220])
  })

  it('are off once switched off, and stay so for the next page; on again they sound', () => {
    switchSounds(false)
    expect(areSoundsOn()).toBe(false)
    sound('over')
    expect(played).toEqual([])
    switchSounds(true)
    sound('over')
    expect(played).toEqual([880, 880])
  })

  it('show at once where they are switched', () => {
    const Shown = () => <p>{useSoundsOn() ? 'on' : 'off'}</p>
    render(<Shown />)
    expect(screen.getByText('on')).toBeVisible()
    act(() => switchSounds(false))
    expect(screen.getByText('off')).toBeVisible()
  })

  it('are silent, and no error, where the browser has none', () => {
    Object.assign(globalThis, { AudioContext: undefined })
    expect(() => sound('taken')).not.toThrow()
  })
})
