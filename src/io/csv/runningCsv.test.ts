import { readRunningCsv } from './runningCsv'

const read = (...lines: readonly string[]) => readRunningCsv(lines.join('\n'))
const against = (...lines: readonly string[]) => {
  const file = read(...lines)
  return file.ok ? '' : file.against
}

describe('a timing machine’s file', () => {
  it('is read position by position, whatever parts its columns, with a decimal comma or a point', () => {
    expect(read('position,rate_s_d,amplitude_deg,beat_ms', 'dial up,+4.2,271,0.3', 'CD,-2,,')).toEqual({
      ok: true,
      lines: [
        {
          ...{ line: 2, position: 'dial-up', rateSPerDay: 4.2 },
          ...{ amplitudeDeg: 271, beatErrorMs: 0.3, currentUa: null },
        },
        {
          ...{ line: 3, position: 'crown-down', rateSPerDay: -2 },
          ...{ amplitudeDeg: null, beatErrorMs: null, currentUa: null },
        },
      ],
    })
    expect(read('made elsewhere', 'Lage;Gang [s/d];Strom [µA]', 'Dial Down;0,2;1,15')).toMatchObject({
      lines: [{ position: 'dial-down', rateSPerDay: 0.2, currentUa: 1.15 }],
    })
  })

  it('that is none is refused with what to do', () => {
    expect(against('a,b', '1,2')).toMatch(/^No column of rate: the first line names/)
    expect(against('rate', '4')).toMatch(/^No column of positions/)
    expect(against('position,rate')).toMatch(/^No position stands under/)
    expect(against('position,rate', 'upside,4')).toMatch(/^Line 2, position: “upside” is none of dial up/)
    expect(against('position,rate', 'dial up,fast')).toMatch(/^Line 2, rate: “fast” is no number/)
    expect(against('position,rate', ...Array.from({ length: 61 }, () => 'DU,1'))).toMatch(
      /^61 lines: at most 60/,
    )
    expect(against('x'.repeat(100_001))).toMatch(/more than 100000 characters/)
  })
})
