import { expect, it } from '@jest/globals'
import { minutesText } from './minutesText'

it.each([
  [0, '0 min'],
  [20, '20 min'],
  [60, '1 h'],
  [90, '1 h 30 min'],
  [1440, '1 day'],
  [2880, '2 days'],
  [1500, '25 h'],
])('%d minutes read %s', (minutes, words) => {
  expect(minutesText(minutes)).toBe(words)
})
