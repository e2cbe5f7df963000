import type { Stage } from './Stage'

/** The step that what is known of its running stands for. */
export const RUNS = 'runs'
const RIM_CHECK = 'rim-check'
/** The step that a dry tester's record stands for. */
export const PRESSURE_TEST = 'pressure-test'
/** The step that a bezel which was tried stands for. */
export const CLICKS = 'clicks'

export const prove: Stage = {
  label: 'Prove',
  settles: 'It works and it is tight, with a date and a figure.',
  done: 'Prove done',
  reads: false,
  drawing: 'assembled',
  shows: ['parts-back'],
  demands: ({ steps, rim, bezelAction, dryTest, running }) => [
    // Once heights are read they say whether the rim is even, and no eye does.
    ...(rim && steps.includes(RIM_CHECK)
      ? [{ id: RIM_CHECK, open: `rim ${rim.words}`, met: rim.isLevel, standsFor: [RIM_CHECK] }]
      : []),
    // So does a bezel that was tried and written down.
    ...(bezelAction && steps.includes(CLICKS)
      ? [
          {
            id: CLICKS,
            open: `bezel: ${bezelAction.words}`,
            met: bezelAction.isRight,
            standsFor: [CLICKS],
            reasonFrom: bezelAction.at,
          },
        ]
      : []),
    // What a clock or a timing machine told of a movement goes before what was said of it.
    ...(running
      ? [
          {
            id: 'running',
            open: `movement: ${running.words}`,
            met: running.isRight,
            standsFor: steps.filter((step) => step === RUNS),
            reasonFrom: running.at,
          },
        ]
      : []),
    // And a tester's record whether it is tight: who looked at a lamp is not asked as well.
    ...(dryTest && steps.includes(PRESSURE_TEST)
      ? [
          {
            id: PRESSURE_TEST,
            open: `dry test: ${dryTest.words}`,
            met: dryTest.isTight,
            standsFor: [PRESSURE_TEST],
            reasonFrom: dryTest.at,
          },
        ]
      : []),
  ],
}
