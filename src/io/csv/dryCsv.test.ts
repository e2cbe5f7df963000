import { MOST_DRY_CSV } from '@/core/dry-test/DryTrace'
import { readDryCsv } from './dryCsv'

const read = (...lines: readonly string[]) => readDryCsv(lines.join('\n'))
const tests = (...lines: readonly string[]) => {
  const file = read(...lines)
  return file.ok ? file.tests : file.against
}

describe('a tester’s file', () => {
  it('is read by the names of its columns, whatever parts them', () => {
    const rows = [
      [
        [0, 0, 0.1],
        [1, 2, 8.2],
      ],
    ]
    expect(tests('time_s,pressure_bar,deformation_um', '0,0,0.1', '1,2,8.2')).toEqual(rows)
    expect(tests('Druck [bar];Zeit [s];Verformung [µm]', '0;0;0,1', '2;1;8,2')).toEqual(rows)
    expect(tests('made by a tester', 't\tp (bar)\td (um)', '0\t0\t0.1', '1\t2\t8.2')).toEqual(rows)
  })

  it('is taken from other units, and says so', () => {
    const file = read('time_min,pressure_psi,deformation_mm', '0,0,0', '0.5,29.0075,0.008')
    expect(file).toMatchObject({
      ok: true,
      tests: [
        [
          [0, 0, 0],
          [30, 2, 8],
        ],
      ],
    })
    expect(file).toMatchObject({ said: [expect.stringMatching(/psi/), expect.stringMatching(/mm/)] })
    expect(tests('time_s,pressure_kPa,deformation_um', '0,200,5')).toEqual([[[0, 2, 5]]])
    expect(tests('time,pressure_bar,deformation_um', '00:01:30,2,5')).toEqual([[[90, 2, 5]]])
  })

  it('may hold no pressure: that is typed then', () => {
    expect(tests('time_s,deformation_um', '0,5', '1,4.9')).toEqual([
      [
        [0, null, 5],
        [1, null, 4.9],
      ],
    ])
  })

  it('falls into as many tests as its time begins', () => {
    const found = tests('time_s,deformation_um', '0,5', '1,5', '0,4', '1,4', '2,4')
    expect(found).toHaveLength(2)
    expect(found[1]).toHaveLength(3)
  })

  it('may break off in its last line', () => {
    expect(tests('time_s,pressure_bar,deformation_um', '0,2,5', '1,2,5', '2,2')).toEqual([
      [
        [0, 2, 5],
        [1, 2, 5],
      ],
    ])
  })

  it.each([
    ['no time', ['pressure_bar,deformation_um', '2,5'], /No column of time/],
    ['no deformation', ['time_s,pressure_bar', '0,2'], /No column of deformation/],
    [
      'a pressure without unit',
      ['time_s,pressure,deformation_um', '0,2,5'],
      /Column pressure: its unit is not said/,
    ],
    ['a unit nobody knows', ['time_s,pressure_torr,deformation_um', '0,2,5'], /“torr” is none of ours/],
    ['zeros alone', ['time_s,deformation_um', '0,0', '1,0'], /Nothing but zeros/],
    ['words among figures', ['time_s,deformation_um', '0,5', '1,abc', '2,5'], /Line 3, deformation: “abc”/],
    ['a time that stands', ['time_s,deformation_um', '0,5', '1,5', '1,5', '2,5'], /Two samples at 1 s/],
    [
      'pounds named as bar',
      ['time_s,pressure_bar,deformation_um', '0,900,5', '1,900,5'],
      /900 bar is more than/,
    ],
    ['names alone', ['time_s,deformation_um'], /No sample/],
    ['nothing', [''], /No column of time/],
  ])('of %s is refused with what to do', (_, lines, against) => {
    expect(tests(...lines)).toMatch(against)
  })

  it('that is far too long is refused', () => {
    expect(tests('x'.repeat(MOST_DRY_CSV + 1))).toMatch(/longer than 600 kB/)
  })

  it('is averaged where it holds more samples than are kept', () => {
    const lines = Array.from({ length: 3000 }, (_, i) => `${i},2,${i % 2 === 0 ? 4 : 6}`)
    const file = read('time_s,pressure_bar,deformation_um', ...lines)
    const [test] = file.ok ? file.tests : []
    expect(test).toHaveLength(1500)
    expect(test?.[0]).toEqual([0.5, 2, 5])
  })
})
