import { keptReading } from '../../../tests/factories/keptTray'
import type { KeptReading } from './KeptTray'
import { changedWords, figuresSince } from './figuresSince'

const at = (clock: string) => new Date(`2026-11-24T${clock}:00Z`)
const PICKED = at('10:00')

const bore = (id: number, mm: number, takenAt: string, over: Partial<KeptReading> = {}) =>
  keptReading(id, 'bore', mm, { takenAt: at(takenAt), ...over })
const takenBack = (clock: string) => ({ voidReason: 'slip', voidedAt: at(clock) })

const since = (readings: readonly KeptReading[], until?: Date) =>
  figuresSince({ readings, shapes: [] }, ['bore', 'seat-depth'], PICKED, until)

describe('figures that are others since something was done', () => {
  it('are those read then and read otherwise now, in words', () => {
    const found = since([bore(1, 30.95, '09:00', takenBack('11:00')), bore(2, 31.05, '11:05')])
    expect(found?.at).toBe(at('11:05').toISOString())
    expect(changedWords(found?.changed ?? [])).toBe('case bore 30.95 then, 31.05 now')
  })

  it('name what was taken back and not read again', () => {
    const found = since([bore(1, 30.95, '09:00', takenBack('11:00'))])
    expect(changedWords(found?.changed ?? [])).toBe('case bore 30.95 then, taken back since')
  })

  it('are none where nothing was touched, where it reads as before, or where nobody had read it then', () => {
    expect(since([bore(1, 30.95, '09:00'), bore(2, 31.4, '09:30', takenBack('09:40'))])).toBeNull()
    expect(since([bore(1, 30.95, '09:00', takenBack('11:00')), bore(2, 30.96, '11:05')])).toBeNull()
    expect(since([bore(1, 30.95, '09:00'), bore(2, 30.96, '11:00', { placeIndex: 1 })])).toBeNull()
    expect(since([keptReading(1, 'seat-depth', 1.15, { takenAt: at('11:00') })])).toBeNull()
    expect(since([keptReading(1, 'crystal-edge', 1.1, { takenAt: at('09:00') })])).toBeNull()
  })

  it('count a reading from a file from when it was brought in, however early it was read', () => {
    const fromFile = (broughtIn: string) =>
      since([
        bore(1, 30.95, '09:00'),
        bore(2, 31.25, '09:05', { broughtInAt: at(broughtIn) }),
        bore(3, 31.25, '09:06', { broughtInAt: at(broughtIn) }),
      ])
    expect(fromFile('09:30')).toBeNull()
    expect(fromFile('11:00')?.at).toBe(at('11:00').toISOString())
  })

  it('begin at two steps of a caliper', () => {
    const to = (mm: number) => since([bore(1, 30.95, '09:00', takenBack('11:00')), bore(2, mm, '11:05')])
    expect(to(30.96)).toBeNull()
    expect(to(30.97)).not.toBeNull()
    expect(to(30.93)).not.toBeNull()
  })

  it('leave out what came after the act that took over, and other dimensions read since', () => {
    const readings = [
      bore(1, 30.95, '09:00', takenBack('11:00')),
      bore(2, 31.05, '11:05'),
      keptReading(3, 'seat-depth', 1.15, { takenAt: at('12:00') }),
    ]
    expect(since(readings, at('10:30'))).toBeNull()
    expect(since(readings, at('11:05'))?.changed).toHaveLength(1)
    expect(since(readings)?.at).toBe(at('11:05').toISOString())
  })
})
